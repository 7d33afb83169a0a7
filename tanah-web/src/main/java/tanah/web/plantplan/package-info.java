/** Plantings that are solved: what is wanted, the search behind the pages, what was found and why, taken as an edit. */
@NullMarked
package tanah.web.plantplan;

import org.jspecify.annotations.NullMarked;
