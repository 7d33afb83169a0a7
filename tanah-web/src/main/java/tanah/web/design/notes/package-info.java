/** Notes with their remedies, and the page of all notes. */
@NullMarked
package tanah.web.design.notes;

import org.jspecify.annotations.NullMarked;
