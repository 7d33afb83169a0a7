package tanah.core.need;

/** The four cases that every plan is judged in. */
public enum SeasonPhase {
    WINTER_DAY(false, true),
    WINTER_NIGHT(false, false),
    SUMMER_DAY(true, true),
    SUMMER_NIGHT(true, false);

    private final boolean summer;
    private final boolean day;

    SeasonPhase(boolean summer, boolean day) {
        this.summer = summer;
        this.day = day;
    }

    public boolean isSummer() {
        return summer;
    }

    public boolean isDay() {
        return day;
    }

    public static SeasonPhase of(boolean summer, boolean day) {
        return summer ? (day ? SUMMER_DAY : SUMMER_NIGHT) : day ? WINTER_DAY : WINTER_NIGHT;
    }
}
