/** The design document: one validation for files, forms and the command line. */
@NullMarked
package tanah.files.design;

import org.jspecify.annotations.NullMarked;
