/** Searches for equipment: run behind the pages, kept until the next, taken as an edit. */
@NullMarked
package tanah.web.find;

import org.jspecify.annotations.NullMarked;
