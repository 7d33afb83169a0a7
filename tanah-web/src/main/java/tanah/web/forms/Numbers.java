package tanah.web.forms;

import java.math.BigDecimal;
import java.math.RoundingMode;
import tanah.core.finding.Measure;
import tanah.core.units.Unit;

/** Numbers as they are shown: a true minus, a thin space before the unit, no false precision. */
public final class Numbers {
    private static final String THIN = "\u2009";

    private Numbers() {}

    /** A number with at most so many decimals, without trailing zeros. */
    public static String upTo(double value, int decimals) {
        BigDecimal rounded =
                new BigDecimal(value).setScale(decimals, RoundingMode.HALF_UP).stripTrailingZeros();
        String text = rounded.scale() < 0 ? rounded.setScale(0).toPlainString() : rounded.toPlainString();
        return text.replace('-', '−');
    }

    /** A number with just so many decimals. */
    public static String fixed(double value, int decimals) {
        BigDecimal rounded = new BigDecimal(value).setScale(decimals, RoundingMode.HALF_UP);
        String text = rounded.signum() == 0 ? rounded.abs().toPlainString() : rounded.toPlainString();
        return text.replace('-', '−');
    }

    public static String plain(double value) {
        return upTo(value, 3);
    }

    /**
     * A length in cm with one decimal.
     *
     * @param metres length
     */
    public static String centimetres(double metres) {
        return fixed(Unit.CENTIMETRE.fromSi(metres), 1);
    }

    /**
     * A volume: one decimal below 100 l, none from there.
     *
     * @param cubicMetres volume
     */
    public static String litres(double cubicMetres) {
        double litres = Unit.LITRE.fromSi(cubicMetres);
        return fixed(litres, litres < 100 ? 1 : 0);
    }

    /** A mass with one decimal below 100 kg. */
    public static String kilograms(double kilograms) {
        return fixed(kilograms, kilograms < 100 ? 1 : 0);
    }

    /** A number of a finding with its unit. */
    public static String of(Measure measure) {
        double shown = measure.shown();
        return switch (measure.unit()) {
            case CENTIMETRE -> centimetres(measure.value()) + THIN + "cm";
            case MILLIMETRE -> upTo(shown, 1) + THIN + "mm";
            case LITRE -> litres(measure.value()) + THIN + "L";
            case KILOGRAM -> kilograms(measure.value()) + THIN + "kg";
            case CELSIUS -> upTo(shown, 1) + THIN + "°C";
            case KELVIN_DIFFERENCE -> upTo(shown, 1) + THIN + "K";
            case PERCENT -> upTo(shown, 0) + THIN + "%";
            case DEGREE -> fixed(shown, 1) + "°";
            case MONTH -> upTo(shown, shown < 10 ? 1 : 0);
            case SHARE -> upTo(shown, 2);
            default -> upTo(shown, 1);
        };
    }
}
