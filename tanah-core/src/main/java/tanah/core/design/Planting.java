package tanah.core.design;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import tanah.core.catalogue.Range;

/**
 * What is wanted of a planting as a whole.
 *
 * @param coverMin   share of the ground that plants cover at the start, at least
 * @param coverMax   the same at most
 * @param candidates kinds to choose from; none: all
 * @param without    kinds that are not wanted
 * @param budget     for pots, reference currency units
 * @param weights    of what counts, by name
 */
@RecordBuilder
public record Planting(
        OptionalDouble coverMin,
        OptionalDouble coverMax,
        List<String> candidates,
        List<String> without,
        OptionalDouble budget,
        Map<String, Double> weights)
        implements PlantingBuilder.With {
    /** Leaves room to grow; common practice, no source. */
    public static final Range ROOM = new Range(0.4, 0.6);

    /** What may count, by name. */
    public static final Set<String> WEIGHTS =
            Set.of("fit", "variety", "native", "hide", "damp", "tall", "even", "again", "room", "full", "price");

    public static final Planting UNSAID = new Planting(
            OptionalDouble.empty(), OptionalDouble.empty(), List.of(), List.of(), OptionalDouble.empty(), Map.of());

    public Planting {
        candidates = List.copyOf(candidates);
        without = List.copyOf(without);
        weights = Map.copyOf(weights);
    }

    /** Share of the ground that young plants are to cover. */
    public Range cover() {
        double low = coverMin.orElse(Math.min(ROOM.min(), coverMax.orElse(1)));
        return new Range(low, Math.max(low, coverMax.orElse(ROOM.max())));
    }
}
