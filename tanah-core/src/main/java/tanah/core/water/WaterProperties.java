package tanah.core.water;

import static tanah.core.physics.Constants.ZERO_CELSIUS;

/** Properties of fresh water and of the vapour above it. Temperatures in °C, from 0 to 40. */
public final class WaterProperties {
    /** Heat capacity (J/(kg K)), mean of 5 to 35 °C; handbook value, from memory. */
    public static final double HEAT_CAPACITY = 4186;

    private static final double VAPOUR_GAS_CONSTANT = 461.5; // J/(kg K)

    private WaterProperties() {}

    /** Density (kg/m³), within 0.05 kg/m³ of IAPWS-95 at 101 kPa; fit from memory, checked against the standard. */
    public static double density(double celsius) {
        double t = celsius;
        return 1000 * (1 - (t + 288.9414) * (t - 3.9863) * (t - 3.9863) / (508929.2 * (t + 68.12963)));
    }

    /** Dynamic viscosity (Pa s), within 1 % of IAPWS 2008; Vogel form from memory, checked against the standard. */
    public static double viscosity(double celsius) {
        return 2.414e-5 * Math.pow(10, 247.8 / (celsius + 133.15));
    }

    /** Saturated vapour pressure over water (Pa), Magnus form with the constants of the WMO guide to instruments. */
    public static double vapourPressure(double celsius) {
        return 611.2 * Math.exp(17.62 * celsius / (243.12 + celsius));
    }

    /** Density of saturated vapour (kg/m³). */
    public static double vapourDensity(double celsius) {
        return vapourPressure(celsius) / (VAPOUR_GAS_CONSTANT * (celsius + ZERO_CELSIUS));
    }
}
