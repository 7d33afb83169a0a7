package tanah.core.need;

import java.util.Locale;

/** By which number of a whole day a need is judged: the one table that says so. */
public enum Statistic {
    /** Mean over the hours in which one lamp shines on the place, or the four warmest lit ones. */
    BASKING,
    /** From the tenth to the ninetieth of a hundred steps of its hours: nine tenths have to hold at both ends. */
    TENTHS,
    /** Mean over its hours. */
    MEAN,
    /** From the lowest to the highest hour of the 24. */
    HOURS,
    /** Lamps at full power, new and old. */
    FULL_POWER;

    /** The word in message keys. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
