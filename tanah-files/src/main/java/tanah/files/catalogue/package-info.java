/** The catalogue's data files: reading, checking, building records. */
@NullMarked
package tanah.files.catalogue;

import org.jspecify.annotations.NullMarked;
