package tanah.web.svg;

import java.util.List;
import java.util.Set;
import java.util.function.DoubleFunction;

/**
 * Edges of the bands of a field. They are fixed for an animal, so that a colour keeps its meaning from one day to the next.
 *
 * @param css    word of its colours and lines
 * @param edges  in the unit of the field, rising
 * @param shows  an edge as its label
 * @param calm   bands that hold what is wanted: they look calm, by day and by night
 */
public record FieldScale(String css, List<Double> edges, DoubleFunction<String> shows, Set<Integer> calm) {
    public FieldScale {
        edges = List.copyOf(edges);
        calm = Set.copyOf(calm);
    }

    public FieldScale(String css, List<Double> edges, DoubleFunction<String> shows) {
        this(css, edges, shows, Set.of());
    }

    /** The same with bands that are wanted. */
    public FieldScale calming(Set<Integer> wanted) {
        return new FieldScale(css, edges, shows, wanted);
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
        return css + band + (calm.contains(band) ? " calm" : "");
    }
}
