package tanah.core.water;

import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Species;

/**
 * What an animal can climb on its way out of the water (common practice).
 *
 * @param steepest  slope (radians)
 * @param step      m
 * @param narrowest m
 * @param rest      least area of land that counts (m²)
 */
public record Way(double steepest, double step, double narrowest, double rest) {
    private static final double STEP = 0.01;
    private static final double NARROW = 0.03;
    private static final double REST = 0.01;

    public static Way of(Inhabitant animal) {
        return new Way(Math.toRadians(degrees(animal.profile())), STEP, NARROW, REST);
    }

    /** Length that a ramp needs along itself for a rise (m): as steep as the animal can climb. */
    public double rampFor(double rise) {
        return rampFor(rise, steepest);
    }

    /** Length that a ramp needs along itself for a rise (m) at a slope (radians, above 0). */
    static double rampFor(double rise, double slope) {
        return rise / Math.sin(slope);
    }

    /** Rough slope: a tortoise or terrapin 30°, a newt 45°, a climbing frog 80°, one that climbs glass 90°. */
    private static double degrees(Species profile) {
        String group = profile.group();
        if (profile.climbs() >= 3) {
            return 90;
        }
        if (profile.climbs() == 2) {
            return 80;
        }
        return group.contains("newt") || group.contains("salamander") ? 45 : 30;
    }
}
