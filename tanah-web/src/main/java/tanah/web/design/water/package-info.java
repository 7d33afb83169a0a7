/** Stage 5, with pumps, filters and heaters in the water. */
@NullMarked
package tanah.web.design.water;

import org.jspecify.annotations.NullMarked;
