package tanah.core.plant;

/** Where in a planting a kind is used. */
public enum Position {
    FOREGROUND,
    MIDGROUND,
    BACKGROUND,
    CLIMBER,
    EPIPHYTE,
    MARGINAL,
    EMERSED,
    SUBMERGED,
    FLOATING
}
