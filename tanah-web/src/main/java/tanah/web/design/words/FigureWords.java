package tanah.web.design.words;

import org.springframework.stereotype.Component;
import tanah.core.catalogue.Range;
import tanah.core.evaluate.Evaluation;
import tanah.core.explain.Figure;
import tanah.core.units.Unit;
import tanah.web.catalogue.Catalogues;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;

/** Figures in words and in the keeper's units. */
@Component
public class FigureWords {
    private static final String THIN = "\u2009";

    private final Words words;
    private final PartNames names;
    private final Catalogues catalogues;

    FigureWords(Words words, PartNames names, Catalogues catalogues) {
        this.words = words;
        this.names = names;
        this.catalogues = catalogues;
    }

    /** What the number is, with the part that it is about. */
    public String label(Figure figure, Evaluation e) {
        String what = what(figure);
        return figure.part().isEmpty()
                ? what
                : words.of("figure.of", what, names.of(figure.part(), e.design(), catalogues.of(e.design())));
    }

    /** What the number is, among others of its part. */
    public String what(Figure figure) {
        return words.of("figure." + kind(figure));
    }

    private static String kind(Figure figure) {
        String id = figure.id();
        if (!figure.part().isEmpty() && id.contains("." + figure.part() + ".")) {
            return id.replace("." + figure.part() + ".", ".");
        }
        return id;
    }

    /** The number with its unit; a range where it is one. */
    public String value(Figure f) {
        return f.upper().isEmpty()
                ? value(f.value(), f.unit())
                : range(f.value(), f.upper().getAsDouble(), f.unit());
    }

    private String range(double low, double high, Unit unit) {
        if (unit == Unit.MONEY) {
            return Numbers.price(new Range(low, high));
        }
        if (low == high) {
            return value(low, unit);
        }
        String first = value(low, unit);
        int space = first.indexOf(THIN);
        return (space < 0 ? first : first.substring(0, space)) + "–" + value(high, unit);
    }

    /** The band in words, or that there is none. */
    public String band(Figure f) {
        return f.band()
                .map(b -> words.of("why.between", value(b.min(), f.unit()), value(b.max(), f.unit())))
                .orElse(words.of("why.exact"));
    }

    /** By how much the second is more than the first. */
    public String difference(Figure before, Figure after) {
        double by = after.value() - before.value();
        String sign = by > 0 ? "+" : "−";
        if (after.unit() == Unit.CELSIUS) {
            return sign + Numbers.kelvin(Math.abs(by));
        }
        return sign + value(Math.abs(by), after.unit());
    }

    /** A number in SI with its unit. */
    public String value(double si, Unit unit) {
        return switch (unit) {
            case CENTIMETRE, MILLIMETRE, METRE, INCH -> Numbers.lengthWithUnit(si);
            case LITRE -> Numbers.volumeWithUnit(si);
            case KILOGRAM -> Numbers.massWithUnit(si);
            case SQUARE_METRE, SQUARE_CENTIMETRE -> Numbers.area(si);
            case CELSIUS -> Numbers.temperatureWithUnit(si);
            case KELVIN_DIFFERENCE -> Numbers.kelvin(si);
            case PERCENT -> Numbers.upTo(100 * si, 0) + THIN + "%";
            case DEGREE -> Numbers.upTo(unit.fromSi(si), 1) + "°";
            case KILOGRAM_PER_LITRE -> Numbers.upTo(unit.fromSi(si), 3) + THIN + "kg/L";
            case MONEY -> Numbers.price(new Range(si, si));
            case SHARE -> Numbers.upTo(si, 2);
            default -> Numbers.withUnit(si, unit);
        };
    }
}
