package tanah.core.design.edit;

import java.util.Locale;
import tanah.core.design.AirPlan;

/** The numbers of one misting (s). */
public enum MistNumber implements EditNumber {
    /** When it begins, after midnight. */
    HOUR(0, 86_364),
    /** How long it sprays. */
    SECONDS(1, 600);

    private final Limits limits;

    MistNumber(double min, double max) {
        limits = new Limits(min, max);
    }

    @Override
    public Limits limits() {
        return limits;
    }

    private static final double LONG = 3600; // s in an hour

    /** The word in forms and message keys. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public double of(AirPlan.Event event) {
        return this == HOUR ? LONG * event.hour() : event.seconds();
    }

    AirPlan.Event set(AirPlan.Event event, double seconds) {
        return this == HOUR ? event.withHour(seconds / LONG) : event.withSeconds(seconds);
    }
}
