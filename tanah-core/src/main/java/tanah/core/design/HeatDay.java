package tanah.core.design;

import java.util.OptionalDouble;

/**
 * When it is day inside.
 *
 * @param photoperiod hours of light, default 12
 * @param dayStart    hour at which the lamps go on, default 8
 */
public record HeatDay(OptionalDouble photoperiod, OptionalDouble dayStart) {
    public static final HeatDay UNSET = new HeatDay(OptionalDouble.empty(), OptionalDouble.empty());

    public double hours() {
        return photoperiod.orElse(12);
    }

    public double start() {
        return dayStart.orElse(8);
    }

    /** Hours since the lamps went on, 0 to below 24. */
    public double sinceStart(double hour) {
        return ((hour - start()) % 24 + 24) % 24;
    }

    public boolean isDay(double hour) {
        return sinceStart(hour) < hours();
    }
}
