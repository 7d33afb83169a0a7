package tanah.core.plantplan;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.OptionalDouble;
import java.util.Set;
import tanah.core.catalogue.Range;
import tanah.core.design.Design;
import tanah.core.design.PlantPiece;

/**
 * What a keeper wants of a planting.
 *
 * @param keep    ids of plants of the plan that stay where they are
 * @param only    kinds to choose from; none: all
 * @param without kinds that are not wanted
 * @param budget  for pots, reference currency units
 * @param cover   share of the ground under young plants
 * @param aim     the share that is wanted
 * @param weights what counts how much
 * @param nativeOnly whether only kinds from where the animal comes from are wanted
 * @param calm    whether kinds that soon want scissors are left out
 */
@RecordBuilder
public record PlanWish(
        Set<String> keep,
        Set<String> only,
        Set<String> without,
        OptionalDouble budget,
        Range cover,
        double aim,
        PlanWeights weights,
        boolean nativeOnly,
        boolean calm)
        implements PlanWishBuilder.With {
    static final double SUITS = 0.5;
    private static final double LIVES = 0.3;

    public PlanWish {
        keep = Set.copyOf(keep);
        only = Set.copyOf(only);
        without = Set.copyOf(without);
    }

    /** What a plan states, keeping all that stands in it. */
    public static PlanWish of(Design design) {
        Range cover = design.planting().cover();
        return new PlanWish(
                design.plants().stream()
                        .filter(p -> p.x().isPresent() && p.y().isPresent())
                        .map(PlantPiece::id)
                        .collect(java.util.stream.Collectors.toSet()),
                Set.copyOf(design.planting().candidates()),
                Set.copyOf(design.planting().without()),
                design.planting().budget(),
                cover,
                (cover.min() + cover.max()) / 2,
                PlanWeights.of(design.planting().weights()),
                false,
                false);
    }

    /** Suitability at which a kind may be chosen: where it suits; where it lives at all if its keeper named it. */
    double least(String kind) {
        return only.contains(kind) ? LIVES : SUITS;
    }
}
