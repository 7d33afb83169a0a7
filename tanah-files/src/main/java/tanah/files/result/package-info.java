/** An evaluation as JSON, for the command line and for downloads. */
@NullMarked
package tanah.files.result;

import org.jspecify.annotations.NullMarked;
