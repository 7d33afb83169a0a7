package tanah.web.forms;

import java.math.BigDecimal;
import java.math.RoundingMode;
import tanah.core.catalogue.Range;
import tanah.core.finding.Measure;
import tanah.core.units.Unit;

/**
 * Numbers as they are shown to the keeper of this request: the own decimal mark and units, a true minus, a thin space
 * before the unit, no false precision.
 */
public final class Numbers {
    private static final String THIN = "\u2009";

    private static final double SMALL = 10; // of money, under which whole units say too little

    private Numbers() {}

    /** A number with at most so many decimals, without trailing zeros. */
    public static String upTo(double value, int decimals) {
        BigDecimal rounded =
                new BigDecimal(value).setScale(decimals, RoundingMode.HALF_UP).stripTrailingZeros();
        return marked(rounded.scale() < 0 ? rounded.setScale(0).toPlainString() : rounded.toPlainString());
    }

    /** A number with just so many decimals. */
    public static String fixed(double value, int decimals) {
        BigDecimal rounded = new BigDecimal(value).setScale(decimals, RoundingMode.HALF_UP);
        return marked(rounded.signum() == 0 ? rounded.abs().toPlainString() : rounded.toPlainString());
    }

    public static String plain(double value) {
        return upTo(value, 3);
    }

    /** A number from the core's metric texts with the keeper's decimal mark. */
    public static String marked(String text) {
        return text.replace('-', '−').replace('.', Presentation.current().decimal());
    }

    // ---- lengths

    public static String lengthUnit() {
        return Presentation.current().isUs() ? "in" : "cm";
    }

    /** Metres in the keeper's unit of small lengths. */
    public static double length(double metres) {
        return (Presentation.current().isUs() ? Unit.INCH : Unit.CENTIMETRE).fromSi(metres);
    }

    /**
     * A small length with one decimal and no unit.
     *
     * @param metres length
     */
    public static String centimetres(double metres) {
        return fixed(length(metres), Presentation.current().isUs() ? 2 : 1);
    }

    /** A small length with at most so many decimals, without trailing zeros or unit; inches get one more. */
    public static String lengthUpTo(double metres, int decimals) {
        return upTo(length(metres), decimals + (Presentation.current().isUs() ? 1 : 0));
    }

    /** A small length with its unit. */
    public static String lengthWithUnit(double metres) {
        return centimetres(metres) + THIN + lengthUnit();
    }

    // ---- volumes

    public static String volumeUnit() {
        return Presentation.current().isUs() ? "gal" : "L";
    }

    public static double volume(double cubicMetres) {
        return (Presentation.current().isUs() ? Unit.US_GALLON : Unit.LITRE).fromSi(cubicMetres);
    }

    /**
     * A volume without its unit: one decimal below 100, none from there.
     *
     * @param cubicMetres volume
     */
    public static String litres(double cubicMetres) {
        double shown = volume(cubicMetres);
        if (Presentation.current().isUs()) {
            return fixed(shown, shown < 10 ? 2 : shown < 100 ? 1 : 0);
        }
        return fixed(shown, shown < 100 ? 1 : 0);
    }

    public static String volumeWithUnit(double cubicMetres) {
        if (!Presentation.current().isUs() && cubicMetres > 0 && cubicMetres < 0.95e-4) {
            return upTo(cubicMetres * 1e6, 0) + THIN + "mL";
        }
        return litres(cubicMetres) + THIN + volumeUnit();
    }

    // ---- masses

    public static String massUnit() {
        return Presentation.current().isUs() ? "lb" : "kg";
    }

    public static double mass(double kilograms) {
        return (Presentation.current().isUs() ? Unit.POUND : Unit.KILOGRAM).fromSi(kilograms);
    }

    /** A mass without its unit: one decimal below 100. */
    public static String kilograms(double kilograms) {
        double shown = mass(kilograms);
        return fixed(shown, shown < 100 ? 1 : 0);
    }

    /** A mass with its unit; below a tenth of a kilogram in grams. */
    public static String massWithUnit(double kilograms) {
        if (!Presentation.current().isUs() && kilograms > 0 && kilograms < 0.0995) {
            return upTo(kilograms * 1000, 0) + THIN + "g";
        }
        return kilograms(kilograms) + THIN + massUnit();
    }

    // ---- temperatures

    public static String temperatureUnit() {
        return Presentation.current().isUs() ? "°F" : "°C";
    }

    /** Degrees Celsius in the keeper's unit. */
    public static double temperature(double celsius) {
        return Presentation.current().isUs() ? celsius * 1.8 + 32 : celsius;
    }

    /** Degrees Celsius with at most one decimal, without unit. */
    public static String degrees(double celsius) {
        return upTo(temperature(celsius), 1);
    }

    public static String temperatureWithUnit(double celsius) {
        return degrees(celsius) + THIN + temperatureUnit();
    }

    /** A difference of temperatures with its unit. */
    public static String kelvin(double kelvin) {
        return Presentation.current().isUs() ? upTo(kelvin * 1.8, 1) + THIN + "°F" : upTo(kelvin, 1) + THIN + "K";
    }

    // ---- floors and money

    /** An area with its unit. */
    public static String area(double squareMetres) {
        return Presentation.current().isUs()
                ? fixed(squareMetres / (0.3048 * 0.3048), 2) + THIN + "ft²"
                : fixed(squareMetres, 3) + THIN + "m²";
    }

    /** A price of the catalogue in the keeper's currency, without its sign. */
    public static double money(double reference) {
        return reference * Presentation.current().rate();
    }

    /** A number in SI with the unit that it is shown in. */
    public static String withUnit(double si, Unit unit) {
        return of(new Measure("", si, unit));
    }

    /** A number of a finding with its unit. */
    public static String of(Measure measure) {
        double shown = measure.shown();
        double si = measure.value();
        return switch (measure.unit()) {
            case CENTIMETRE -> lengthWithUnit(si);
            case MILLIMETRE ->
                Presentation.current().isUs() ? upTo(length(si), 2) + THIN + "in" : upTo(shown, 1) + THIN + "mm";
            case LITRE -> volumeWithUnit(si);
            case KILOGRAM -> massWithUnit(si);
            case CELSIUS -> temperatureWithUnit(si);
            case KELVIN_DIFFERENCE -> kelvin(si);
            case PERCENT -> upTo(shown, 0) + THIN + "%";
            case DEGREE -> fixed(shown, 1) + "°";
            case MONTH, MONTH_AHEAD -> upTo(shown, shown < 10 ? 1 : 0);
            case SHARE -> upTo(shown, 2);
            case MEGAPASCAL -> upTo(shown, 2) + THIN + "MPa";
            case SQUARE_CENTIMETRE -> upTo(shown, 0) + THIN + "cm²";
            case LITRE_PER_HOUR -> upTo(volume(si * 3600), 0) + THIN + volumeUnit() + "/h";
            default ->
                upTo(shown, 1)
                        + (measure.unit().symbol().isEmpty()
                                ? ""
                                : THIN + measure.unit().symbol());
        };
    }

    /** A price or a band of prices in reference currency. */
    public static String price(Range price) {
        String currency = Presentation.current().currency();
        double low = money(price.min());
        double high = money(price.max());
        int digits = high < SMALL ? 2 : 0;
        String number = high - low < 0.005 ? fixed(low, 2) : fixed(low, digits) + "–" + fixed(high, digits);
        return currency.isEmpty() ? number : number + THIN + currency;
    }
}
