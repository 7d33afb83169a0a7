/** Running in the water: what is expected day by day, and what was read. */
@NullMarked
package tanah.web.cycle;

import org.jspecify.annotations.NullMarked;
