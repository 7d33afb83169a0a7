/**
 * The climate of a box: steady states, whole days, failures, bands. Entry: {@link
 * tanah.core.climate.ClimateModel}, {@link tanah.core.climate.DayRun}.
 */
@NullMarked
package tanah.core.climate;

import org.jspecify.annotations.NullMarked;
