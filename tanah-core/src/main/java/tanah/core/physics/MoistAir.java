package tanah.core.physics;

import static tanah.core.physics.Constants.ZERO_CELSIUS;

/**
 * Moist air. Temperatures in °C, pressures in Pa, humidity as kg of vapour per kg of dry air unless it is a share of
 * saturation.
 */
public final class MoistAir {
    /** Density of the air (kg/m³), fixed: dry air at 101325 Pa and 23.6 °C. */
    public static final double DENSITY = 1.19;

    /** Specific heat (J/kg K): ASHRAE Handbook Fundamentals, psychrometrics. */
    public static final double HEAT = 1006;

    /** Sea level (Pa). */
    public static final double SEA_LEVEL = 101325;

    private static final double MOLAR = 0.621945; // ASHRAE Handbook Fundamentals, psychrometrics
    private static final double LEAST = 0.001; // Pa, below which the dew point is not followed

    private MoistAir() {}

    /** Saturation pressure over water, below 0 °C as well (Pa): FAO-56 eq. 11. */
    public static double saturation(double celsius) {
        return 610.8 * Math.exp(17.27 * celsius / (celsius + 237.3));
    }

    /** Humidity of air of a vapour pressure. */
    public static double humidity(double vapour, double pressure) {
        return MOLAR * vapour / (pressure - vapour);
    }

    /** Vapour pressure of air of a humidity (Pa). */
    public static double vapour(double humidity, double pressure) {
        return humidity * pressure / (MOLAR + humidity);
    }

    /** Humidity of saturated air. */
    public static double saturated(double celsius, double pressure) {
        return humidity(saturation(celsius), pressure);
    }

    /** Its change with temperature (1/K). */
    public static double saturatedSlope(double celsius, double pressure) {
        double e = saturation(celsius);
        double slope = e * 17.27 * 237.3 / ((celsius + 237.3) * (celsius + 237.3));
        return MOLAR * pressure * slope / ((pressure - e) * (pressure - e));
    }

    /** The same where the saturated humidity is known, without an exponential. */
    public static double slopeAt(double saturated, double celsius, double pressure) {
        double e = vapour(saturated, pressure);
        double slope = e * 17.27 * 237.3 / ((celsius + 237.3) * (celsius + 237.3));
        return MOLAR * pressure * slope / ((pressure - e) * (pressure - e));
    }

    /** Dew point of a vapour pressure (°C): the inverse of FAO-56 eq. 11. */
    public static double dewPoint(double vapour) {
        double a = Math.log(Math.max(LEAST, vapour) / 610.8);
        return 237.3 * a / (17.27 - a);
    }

    /** Temperature of a wet, aired bulb (°C), by bisection on the psychrometer equation of FAO-56 (0.000665 /K). */
    public static double wetBulb(double celsius, double share, double pressure) {
        double vapour = share * saturation(celsius);
        double low = celsius - 60;
        double high = celsius;
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            if (saturation(middle) - 0.000665 * pressure * (celsius - middle) < vapour) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /** Share of saturation; above 1 where there is fog. */
    public static double relative(double humidity, double celsius, double pressure) {
        return vapour(humidity, pressure) / saturation(celsius);
    }

    /** Temperature at which dry air is as light (K): moist air is lighter. */
    public static double virtual(double celsius, double humidity) {
        return (celsius + ZERO_CELSIUS) * (1 + 0.61 * humidity);
    }

    /** Pressure at a height above the sea (Pa): FAO-56 eq. 7. Height in m. */
    public static double pressure(double height) {
        return SEA_LEVEL * Math.pow((293 - 0.0065 * height) / 293, 5.26);
    }
}
