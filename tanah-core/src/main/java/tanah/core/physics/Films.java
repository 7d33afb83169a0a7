package tanah.core.physics;

import static tanah.core.physics.Constants.GRAVITY;
import static tanah.core.physics.Constants.STEFAN_BOLTZMANN;
import static tanah.core.physics.Constants.ZERO_CELSIUS;

/**
 * Heat by air at a surface and by radiation (W/m² K). Natural convection is driven by the difference of virtual temperature, so that moist
 * air over warm water rises although it is no warmer.
 */
public final class Films {
    private static final double CONDUCTIVITY = 0.026; // W/m K of air
    private static final double VISCOSITY = 1.55e-5; // m²/s
    private static final double PRANDTL = 0.71;
    private static final double CUBE_OF_PRANDTL = Math.cbrt(PRANDTL);
    private static final double PASSAGE =
            0.3; // K over which a level face passes from stable to unstable; less makes iterations hunt
    private static final double UPRIGHT = 0.387 / Math.pow(1 + Math.pow(0.492 / PRANDTL, 9.0 / 16), 8.0 / 27);
    private static final double LEAF = 0.05; // m

    private Films() {}

    /**
     * Faces of one size.
     *
     * @param length that counts for air that rises by itself: height of upright ones, area over perimeter of level ones (m)
     * @param floor  sum of the cubes of the least film and of that of a fan (W³/m⁶ K³)
     */
    public record Face(double length, double floor) {
        /**
         * @param least film of air that never stands quite still (W/m² K)
         * @param speed of the air by a fan (m/s)
         * @param swept length along which a fan sweeps it (m)
         */
        public static Face of(double length, double least, double speed, double swept) {
            double fan = forced(speed, swept);
            return new Face(length, least * least * least + fan * fan * fan);
        }

        /** An upright face; {@code difference} of virtual temperature of either sign (K), mean air (K). */
        public double upright(double difference, double kelvin) {
            // Churchill and Chu 1975
            double sixth = Math.sqrt(Math.cbrt(rayleigh(Math.abs(difference), length, kelvin)));
            double root = 0.825 + UPRIGHT * sixth;
            double natural = CONDUCTIVITY / length * root * root;
            return blend(natural * natural * natural);
        }

        /** A level face; {@code unstable} is the difference in the direction that stirs the air (K). */
        public double level(double unstable, double kelvin) {
            double r = Math.sqrt(unstable * unstable + PASSAGE * PASSAGE);
            return blend(stirred((r + unstable) / 2, kelvin) + still((r - unstable) / 2, kelvin));
        }

        /** Cube of max(0.54 Ra^¼, 0.15 Ra^⅓): McAdams 1954; Goldstein et al. 1973 and Lloyd and Moran 1974 for area over perimeter. */
        private double stirred(double difference, double kelvin) {
            double rayleigh = rayleigh(difference, length, kelvin);
            double root = Math.sqrt(rayleigh);
            return cubed() * Math.max(0.54 * 0.54 * 0.54 * root * Math.sqrt(root), 0.15 * 0.15 * 0.15 * rayleigh);
        }

        /** Cube of 0.27 Ra^¼: McAdams 1954. */
        private double still(double difference, double kelvin) {
            double root = Math.sqrt(rayleigh(difference, length, kelvin));
            return cubed() * 0.27 * 0.27 * 0.27 * root * Math.sqrt(root);
        }

        private double cubed() {
            double over = CONDUCTIVITY / length;
            return over * over * over;
        }

        /** Churchill 1977: exponent 3. */
        private double blend(double naturalCubed) {
            return Math.cbrt(naturalCubed + floor);
        }
    }

    private static double rayleigh(double difference, double length, double kelvin) {
        return GRAVITY * difference * length * length * length * PRANDTL / (kelvin * VISCOSITY * VISCOSITY);
    }

    /** Mean film of a laminar flow along a flat plate: Nu = 0.664 Re^½ Pr^⅓, heat-transfer textbooks. */
    public static double forced(double speed, double length) {
        return 0.664 * CONDUCTIVITY / length * Math.sqrt(speed * length / VISCOSITY) * CUBE_OF_PRANDTL;
    }

    /** Film of leaves of 5 cm, for heat and vapour alike. */
    public static double leaf(double still, double speed) {
        double fan = forced(speed, LEAF);
        return Math.cbrt(still * still * still + fan * fan * fan);
    }

    /** Radiation between two black faces (°C). */
    public static double radiation(double one, double other) {
        double a = one + ZERO_CELSIUS;
        double b = other + ZERO_CELSIUS;
        return STEFAN_BOLTZMANN * (a * a + b * b) * (a + b);
    }
}
