/** Two designs side by side and three designs made one, field by field, on the document and not on its meaning. */
@NullMarked
package tanah.files.compare;

import org.jspecify.annotations.NullMarked;
