package tanah.core.ground;

import java.util.Locale;

/** How well a burrow stands in a soil, by its cohesion (relative scale in kPa, common practice). */
public enum BurrowClass {
    NONE(0),
    POOR(0.3),
    FAIR(0.8),
    GOOD(1.5);

    private final double least;

    BurrowClass(double least) {
        this.least = least;
    }

    /** Cohesion from which the class holds (kPa). */
    public double least() {
        return least;
    }

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static BurrowClass of(double cohesion) {
        BurrowClass found = NONE;
        for (BurrowClass c : values()) {
            found = cohesion >= c.least ? c : found;
        }
        return found;
    }
}
