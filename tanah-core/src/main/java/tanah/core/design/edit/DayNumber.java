package tanah.core.design.edit;

import java.util.Locale;
import java.util.OptionalDouble;
import tanah.core.design.HeatDay;

/** The hours of the lamps' day (s). */
public enum DayNumber implements EditNumber {
    /** How long it is light. */
    PHOTOPERIOD(0, 86_400),
    /** When it begins, after midnight. */
    DAY_START(0, 86_364);

    private final Limits limits;

    DayNumber(double min, double max) {
        limits = new Limits(min, max);
    }

    @Override
    public Limits limits() {
        return limits;
    }

    private static final double HOUR = 3600; // s

    /** The word in forms and message keys. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public double of(HeatDay day) {
        return HOUR * (this == PHOTOPERIOD ? day.hours() : day.start());
    }

    HeatDay set(HeatDay day, double seconds) {
        OptionalDouble hours = OptionalDouble.of(seconds / HOUR);
        return this == PHOTOPERIOD ? new HeatDay(hours, day.dayStart()) : new HeatDay(day.photoperiod(), hours);
    }
}
