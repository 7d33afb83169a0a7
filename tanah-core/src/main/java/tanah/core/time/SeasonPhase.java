package tanah.core.time;

/** The four cases that every plan is judged in. */
public enum SeasonPhase {
    WINTER_DAY(Season.WINTER, Phase.DAY),
    WINTER_NIGHT(Season.WINTER, Phase.NIGHT),
    SUMMER_DAY(Season.SUMMER, Phase.DAY),
    SUMMER_NIGHT(Season.SUMMER, Phase.NIGHT);

    private final Season season;
    private final Phase phase;

    SeasonPhase(Season season, Phase phase) {
        this.season = season;
        this.phase = phase;
    }

    public Season season() {
        return season;
    }

    public Phase phase() {
        return phase;
    }

    /** Whether the lamps are on. */
    public boolean isLit() {
        return phase == Phase.DAY;
    }

    public static SeasonPhase of(Season season, Phase phase) {
        for (SeasonPhase each : values()) {
            if (each.season == season && each.phase == phase) {
                return each;
            }
        }
        throw new IllegalStateException(season + " " + phase);
    }
}
