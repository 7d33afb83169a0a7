/** Waste, litter and crew of a plan through a year. */
@NullMarked
package tanah.core.cleanup;

import org.jspecify.annotations.NullMarked;
