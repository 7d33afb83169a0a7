/** A planting plan as an integer problem: which kind at which place, what may not be, what it is worth and why. */
@NullMarked
package tanah.core.plantplan;

import org.jspecify.annotations.NullMarked;
