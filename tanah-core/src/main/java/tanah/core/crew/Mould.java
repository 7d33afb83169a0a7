package tanah.core.crew;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Mould on new wood and leaves after planting: it lives on sugars that are soon eaten, and passes by itself, sooner where springtails eat
 * it. Rates are common practice, no source.
 *
 * @param sugars       readily eaten, at the start (kg/m² of floor): 0.005 none or boiled wood, 0.030 new soft wood, 0.060 rich in sap
 * @param grows        1 a day
 * @param eaten        1 a day
 */
public record Mould(double sugars, double grows, double eaten) {
    private static final double LAG = 2; // days
    private static final double GROWS = 0.15; // 1 a day, at 24 °C, moist
    private static final double DIES = 0.10; // 1 a day, at 24 °C
    private static final double GRAZED = 0.05; // 1 a day, by this many
    private static final double MANY = 2000; // springtails to a square metre
    private static final double YIELD = 0.4; // of the sugars
    private static final double SEEN = 0.001; // kg/m²
    private static final double APART = 1e-6; // 1 a day
    private static final double LAST = 365; // days
    private static final double CLOSE = 1e-4; // days

    /** Days between which it is seen. */
    public record Seen(double from, double to) {}

    /** @param springtails to a square metre */
    public static Mould of(double sugars, double celsius, double wetness, double springtails) {
        double warmth = LitterDecay.warmth(celsius);
        double grows = GROWS * warmth * LitterDecay.wetness(wetness);
        double eaten = DIES * warmth + GRAZED * springtails / MANY;
        return new Mould(sugars, grows, Math.abs(eaten - grows) < APART ? grows + APART : eaten);
    }

    /** What stands after some days (kg/m²). */
    public double at(double days) {
        double t = days - LAG;
        return t <= 0 || grows <= 0
                ? 0
                : YIELD * grows * sugars / (eaten - grows) * (Math.exp(-grows * t) - Math.exp(-eaten * t));
    }

    /** The day of most; empty where none grows. */
    public OptionalDouble peak() {
        return grows > 0 ? OptionalDouble.of(LAG + Math.log(eaten / grows) / (eaten - grows)) : OptionalDouble.empty();
    }

    /** When it is seen; empty where it never is. */
    public Optional<Seen> seen() {
        if (peak().isEmpty() || at(peak().getAsDouble()) <= SEEN) {
            return Optional.empty();
        }
        double most = peak().getAsDouble();
        return Optional.of(new Seen(crosses(most, LAG), crosses(most, LAST)));
    }

    /** Between a day on which it is seen and one on which it is not. */
    private double crosses(double seen, double not) {
        double in = seen;
        double out = not;
        while (Math.abs(out - in) > CLOSE) {
            double middle = (in + out) / 2;
            if (at(middle) > SEEN) {
                in = middle;
            } else {
                out = middle;
            }
        }
        return in;
    }
}
