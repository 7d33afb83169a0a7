package tanah.core.structure;

import static tanah.core.physics.Constants.WATER_DENSITY;

/** Wood, cork and foam under water. */
public final class Buoyancy {
    private static final double STONE = 2650; // kg/m³, quartz rock
    private static final double SAFETY = 1.5; // common practice
    private static final double WOOD_MATTER = 1530; // kg/m³, cell wall, handbook value from memory

    private Buoyancy() {}

    /** Lift less weight (kg); negative if it sinks. Volume under water m³, mass kg. */
    public static double lift(double submerged, double mass) {
        return WATER_DENSITY * submerged - mass;
    }

    /** Mass of stone that holds it down, weighed in air (kg), 0 if it sinks. */
    public static double anchor(double submerged, double mass) {
        return anchor(submerged, mass, 0);
    }

    /** The same where something presses on it already (kg, weighed where it lies). */
    public static double anchor(double submerged, double mass, double pressing) {
        return Math.max(0, (SAFETY * lift(submerged, mass) - pressing) / (1 - WATER_DENSITY / STONE));
    }

    /** Density once soaked (kg/m³): above 1000 it sinks in time. */
    public static double soaked(double density, double takesUp) {
        return density + WATER_DENSITY * Math.min(takesUp, 1 - density / WOOD_MATTER);
    }
}
