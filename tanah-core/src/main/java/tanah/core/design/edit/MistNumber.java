package tanah.core.design.edit;

import java.util.Locale;
import tanah.core.design.AirPlan;

/** The numbers of one misting (s). */
public enum MistNumber {
    /** When it begins, after midnight. */
    HOUR,
    /** How long it sprays. */
    SECONDS;

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
