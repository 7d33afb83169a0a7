package tanah.core.design.edit;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.design.Design;
import tanah.core.design.Planting;

/** What is wanted of the planting as a whole. */
public sealed interface PlantingEdit extends Edit {
    /**
     * All wishes at once.
     *
     * @param coverMin share of the ground under young plants, at least
     * @param coverMax the same at most
     * @param only     ids of kinds to choose from; none: all
     * @param without  ids of kinds that are not wanted
     * @param budget   for pots, reference currency units
     * @param weights  of what counts, by name
     */
    record Wish(
            OptionalDouble coverMin,
            OptionalDouble coverMax,
            List<String> only,
            List<String> without,
            OptionalDouble budget,
            Map<String, Double> weights)
            implements PlantingEdit {
        private static final double MUCH = 1000; // that one thing may count

        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            boolean turned =
                    coverMin.isPresent() && coverMax.isPresent() && coverMin.getAsDouble() > coverMax.getAsDouble();
            boolean unknown = java.util.stream.Stream.concat(only.stream(), without.stream())
                    .anyMatch(k -> context.catalogue().findPlant(k).isEmpty());
            boolean heavy = weights.entrySet().stream()
                    .anyMatch(w ->
                            !Planting.WEIGHTS.contains(w.getKey()) || !(w.getValue() >= 0 && w.getValue() <= MUCH));
            return turned
                    ? Optional.of(Refusal.COVER_TURNED)
                    : unknown
                            ? Optional.of(Refusal.UNKNOWN_PLANT)
                            : heavy ? Optional.of(Refusal.WEIGHT_RANGE) : Optional.empty();
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return refused(design, context).isPresent()
                    ? design
                    : design.withPlanting(new Planting(coverMin, coverMax, only, without, budget, weights));
        }
    }
}
