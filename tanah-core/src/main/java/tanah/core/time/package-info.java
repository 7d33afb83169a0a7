/** Seasons and parts of the day, the same for every room. */
@NullMarked
package tanah.core.time;

import org.jspecify.annotations.NullMarked;
