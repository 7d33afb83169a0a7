package tanah.web.svg;

import java.util.List;
import java.util.function.DoubleFunction;

/**
 * Edges of the bands of a field. They are fixed for an animal, so that a colour keeps its meaning from one day to the next.
 *
 * @param css    word of its colours and lines
 * @param edges  in the unit of the field, rising
 * @param shows  an edge as its label
 */
public record FieldScale(String css, List<Double> edges, DoubleFunction<String> shows) {
    public FieldScale {
        edges = List.copyOf(edges);
    }

    /** Even edges from one value to another. */
    public static FieldScale even(String css, double from, double to, double step, DoubleFunction<String> shows) {
        java.util.ArrayList<Double> edges = new java.util.ArrayList<>();
        for (int i = 0; from + i * step <= to + 1e-9; i++) {
            edges.add(from + i * step);
        }
        return new FieldScale(css, edges, shows);
    }

    /** The band in which a value lies: 0 below the first edge. */
    public int band(double value) {
        int band = 0;
        while (band < edges.size() && value >= edges.get(band)) {
            band++;
        }
        return band;
    }

    /**
     * Number of the colour of a band of a scale that has up to ten: scales with fewer bands use the first of them, as the
     * style sheet sets one for each.
     */
    public String colour(int band) {
        return css + band;
    }
}
