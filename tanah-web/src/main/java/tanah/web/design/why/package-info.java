/** Every number opened: band, parts, formula, standing, source. */
@NullMarked
package tanah.web.design.why;

import org.jspecify.annotations.NullMarked;
