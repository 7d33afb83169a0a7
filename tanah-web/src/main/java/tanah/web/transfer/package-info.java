/** Whole enclosures, and all that a keeper has, out of Tanah and in again. */
@NullMarked
package tanah.web.transfer;

import org.jspecify.annotations.NullMarked;
