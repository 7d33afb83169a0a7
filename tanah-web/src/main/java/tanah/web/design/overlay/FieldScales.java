package tanah.web.design.overlay;

import java.util.List;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Range;
import tanah.core.evaluate.Evaluation;
import tanah.web.forms.Numbers;
import tanah.web.svg.FieldScale;

/** The fixed bands of each field for the animals of a plan. */
final class FieldScales {
    private static final double[][] TEMPERATURES = {{12, 28, 2}, {16, 32, 2}, {23, 47, 3}, {14, 46, 4}};
    private static final double ROUND = 3; // K around what is wanted
    private static final double DAMP = 0.55; // share of saturation from which an animal is one of damp air

    private FieldScales() {}

    static FieldScale of(FieldKind kind, Evaluation e) {
        return switch (kind) {
            case AIR, SURFACE -> temperature(e);
            case UV ->
                new FieldScale("u", List.of(0.5, 1.0, 2.0, 3.0, 4.0, 6.0, 10.0), v -> "UVI " + Numbers.upTo(v, 1));
            case HUMIDITY ->
                isDamp(e)
                        ? FieldScale.even("h", 60, 95, 5, FieldScales::percent)
                        : FieldScale.even("h", 10, 80, 10, FieldScales::percent);
            case LIGHT ->
                new FieldScale(
                        "p",
                        isDamp(e)
                                ? List.of(10.0, 20.0, 40.0, 60.0, 80.0, 100.0, 120.0)
                                : List.of(25.0, 50.0, 100.0, 200.0, 300.0, 400.0, 600.0),
                        v -> Numbers.upTo(v, 0));
            case SUITS -> new FieldScale("s", List.of(30.0, 50.0, 75.0), FieldScales::percent);
            case NONE -> new FieldScale("n", List.of(), v -> "");
        };
    }

    private static String percent(double value) {
        return Numbers.upTo(value, 0) + "\u2009%";
    }

    private static boolean isDamp(Evaluation e) {
        return e.animals().stream().anyMatch(a -> a.profile().humidityDay().min() >= DAMP);
    }

    /** The first set that holds what is wanted with a little around it, else the one that holds most of it. */
    private static FieldScale temperature(Evaluation e) {
        double low = Double.MAX_VALUE;
        double high = -Double.MAX_VALUE;
        for (Inhabitant a : e.animals()) {
            Range warm = a.profile().baskingSurface().orElse(a.profile().warmAir());
            low = Math.min(low, a.profile().coolAir().min() - ROUND);
            high = Math.max(high, warm.max() + ROUND);
        }
        double[] best = TEMPERATURES[1];
        double most = -1;
        for (double[] set : TEMPERATURES) {
            if (e.animals().isEmpty()) {
                break;
            }
            double held = Math.min(high, set[1]) - Math.max(low, set[0]);
            if (held > most + 1e-9) {
                most = held;
                best = set;
            }
        }
        return FieldScale.even("t", best[0], best[1], best[2], v -> Numbers.upTo(Numbers.temperature(v), 0) + "°");
    }
}
