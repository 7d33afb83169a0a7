/** Where in a plan what grows: the climate of every place, what would live there, and how each plant of the plan does. */
@NullMarked
package tanah.core.planting;

import org.jspecify.annotations.NullMarked;
