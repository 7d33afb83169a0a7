package tanah.core.physics;

import static tanah.core.physics.Constants.STEFAN_BOLTZMANN;
import static tanah.core.physics.Constants.ZERO_CELSIUS;

/**
 * Heat by air at a surface and by radiation (W/m² K). Simplified natural-convection relations for air at 1 atm, e.g.
 * Holman, Heat Transfer, after McAdams.
 */
public final class Films {
    private static final double SPAN = 0.3; // m, side of a usual surface

    private Films() {}

    /**
     * A level face.
     *
     * @param unstable difference of temperature in the direction that stirs the air: surface over air for a face that
     *                 looks up, air over surface for one that looks down (K)
     * @param least    floor
     */
    public static double level(double unstable, double least) {
        return unstable > 0
                ? Math.max(least, 1.52 * Math.cbrt(unstable))
                : Math.max(least, 0.59 * Math.sqrt(Math.sqrt(-unstable / SPAN)));
    }

    /** An upright face. Difference in K, of either sign. */
    public static double upright(double difference, double least) {
        return Math.max(least, 1.31 * Math.cbrt(Math.abs(difference)));
    }

    /** Radiation between two black faces (°C). */
    public static double radiation(double one, double other) {
        double a = one + ZERO_CELSIUS;
        double b = other + ZERO_CELSIUS;
        return STEFAN_BOLTZMANN * (a * a + b * b) * (a + b);
    }
}
