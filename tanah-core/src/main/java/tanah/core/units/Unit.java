package tanah.core.units;

/**
 * Units in which a number is shown or typed. {@code toSi} and {@code fromSi} are the only conversions in the project.
 * Factors are exact by definition (NIST Special Publication 811); °F by its definition; a degree of hardness is 17.848 mg/l of
 * calcium carbonate.
 */
public enum Unit {
    CENTIMETRE("cm", 0.01),
    MILLIMETRE("mm", 0.001),
    INCH("in", 0.0254),
    METRE("m", 1),
    SQUARE_METRE("m²", 1),
    SQUARE_CENTIMETRE("cm²", 1e-4),
    LITRE("l", 0.001),
    US_GALLON("gal_us", 0.003785411784),
    IMPERIAL_GALLON("gal_imp", 0.00454609),
    KILOGRAM("kg", 1),
    GRAM("g", 0.001),
    POUND("lb", 0.45359237),
    CELSIUS("°C", 1),
    KELVIN_DIFFERENCE("K", 1),
    PERCENT("%", 0.01),
    SHARE("", 1),
    DEGREE("°", Math.PI / 180),
    MONTH("months", 1),
    /** From today on. */
    MONTH_AHEAD("months ahead", 1),
    COUNT("", 1),
    KILOGRAM_PER_LITRE("kg/l", 1000),
    MILLIGRAM_PER_LITRE("mg/l", 1e-3),
    DEGREE_HARDNESS("°dH", 17.848e-3),
    DAY("d", 86400),
    HOUR("h", 3600),
    LITRE_PER_HOUR("L/h", 1e-3 / 3600),
    WATT("W", 1),
    MEGAPASCAL("MPa", 1e6),
    KILOPASCAL("kPa", 1e3),
    CENTIMETRE_PER_SECOND("cm/s", 0.01),
    METRE_PER_SECOND("m/s", 1),
    CUBIC_METRE_PER_HOUR("m³/h", 1.0 / 3600),
    MILLILITRE_PER_MINUTE("ml/min", 1e-6 / 60),
    UV_INDEX("", 1),
    MICROMOLE("µmol/m²s", 1e-6),
    /** Light of a day. */
    MOLE_A_DAY("mol/m²d", 1),
    WATT_PER_SQUARE_METRE("W/m²", 1),
    KILOWATT_HOUR("kWh", 3.6e6),
    LUX("lx", 1),
    PH("", 1),
    MICROSIEMENS_PER_CENTIMETRE("µS/cm", 1e-4),
    MILLILITRE("ml", 1e-6),
    MILLIMETRE_PER_METRE("mm/m", 1e-3),
    MONEY("", 1);

    private final String symbol;
    private final double factor;

    Unit(String symbol, double factor) {
        this.symbol = symbol;
        this.factor = factor;
    }

    /** Symbol as it is printed; empty for counts and shares. */
    public String symbol() {
        return symbol;
    }

    /** The number in SI units. Exact but for the last binary digit. */
    public double toSi(double value) {
        return value * factor;
    }

    /** The inverse of {@link #toSi}. */
    public double fromSi(double value) {
        return value / factor;
    }
}
