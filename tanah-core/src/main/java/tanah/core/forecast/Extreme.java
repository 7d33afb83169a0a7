package tanah.core.forecast;

import java.util.OptionalDouble;
import tanah.core.need.Expected;

/**
 * The highest or lowest that a place comes to on a day.
 *
 * @param value expected
 * @param from  hour of the day at which it begins; empty: a preview, the day is not computed yet
 */
public record Extreme(Expected value, OptionalDouble from) {}
