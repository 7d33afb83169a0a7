package tanah.core.physics;

/** Constants that more than one model needs, each with its source. */
public final class Constants {
    /** Standard acceleration of free fall (m/s²); 3rd General Conference on Weights and Measures, 1901. */
    public static final double GRAVITY = 9.80665;

    /** Stefan-Boltzmann constant (W/m² K⁴); CODATA 2018. */
    public static final double STEFAN_BOLTZMANN = 5.670374e-8;

    /** 0 °C in kelvin, exact by the definition of the degree Celsius. */
    public static final double ZERO_CELSIUS = 273.15;

    /** Density of water for volumes that are bought, poured and drained (kg/m³); rounded, 998 at 20 °C. */
    public static final double WATER_DENSITY = 1000;

    /** Heat of evaporation at about 20 to 25 °C (J/kg); FAO-56, equation 8 and the text beside it. */
    public static final double LATENT_HEAT = 2.45e6;

    /** Seconds of an hour. */
    public static final double HOUR = 3600;

    /** Seconds of a day. */
    public static final double DAY = 86_400;

    private Constants() {}
}
