/** Climate cases: enclosures in the terms of the climate model, read and computed for comparison with other programs. */
@NullMarked
package tanah.files.climate;

import org.jspecify.annotations.NullMarked;
