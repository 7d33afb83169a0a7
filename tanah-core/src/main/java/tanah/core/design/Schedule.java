package tanah.core.design;

/**
 * When something is switched on.
 *
 * @param kind  by the lamps' day, at all times, or by the clock
 * @param on    hour of the day, by the clock only
 * @param hours for how long, by the clock only
 */
public record Schedule(Kind kind, double on, double hours) {
    public static final Schedule DAY = new Schedule(Kind.DAY, 0, 0);
    public static final Schedule NIGHT = new Schedule(Kind.NIGHT, 0, 0);
    public static final Schedule ALWAYS = new Schedule(Kind.ALWAYS, 0, 24);

    /** What it follows. */
    public enum Kind {
        DAY,
        NIGHT,
        ALWAYS,
        CLOCK
    }

    public static Schedule clock(double on, double hours) {
        return new Schedule(Kind.CLOCK, on, hours);
    }
}
