package tanah.core.design;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * What is wanted of a planting as a whole.
 *
 * @param coverMin   share of the ground that plants cover at the start, at least
 * @param coverMax   the same at most
 * @param candidates kinds to choose from; none: all
 * @param weights    of what counts, by name
 */
public record Planting(
        OptionalDouble coverMin, OptionalDouble coverMax, List<String> candidates, Map<String, Double> weights) {
    public static final Planting UNSAID =
            new Planting(OptionalDouble.empty(), OptionalDouble.empty(), List.of(), Map.of());

    public Planting {
        candidates = List.copyOf(candidates);
        weights = Map.copyOf(weights);
    }
}
