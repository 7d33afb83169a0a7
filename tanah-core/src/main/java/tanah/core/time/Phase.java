package tanah.core.time;

import java.util.Locale;

/** Part of the day: while the lamps are on, and while they are off. */
public enum Phase {
    DAY,
    NIGHT;

    /** The word in message keys. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
