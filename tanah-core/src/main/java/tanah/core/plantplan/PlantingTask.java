package tanah.core.plantplan;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import tanah.core.catalogue.PlantModel;
import tanah.core.planting.GrowingPlace;
import tanah.core.planting.PlantFit;

/**
 * A planting that is to be solved: the problem, and what stands behind its numbers.
 *
 * @param problem what a solver is given
 * @param models  of its kinds; empty for a plant that is kept and that nobody knows
 * @param places  of its stations
 * @param fits    by kind, then by station; empty where nothing is known of the kind
 * @param kept    id of the plant of a station that is kept
 * @param refused kinds that may stand nowhere, each with the place where it is least bad
 * @param more    how many kinds would live there beside those that were taken as candidates
 */
@RecordBuilder
public record PlantingTask(
        PlanProblem problem,
        List<Optional<PlantModel>> models,
        List<GrowingPlace> places,
        List<List<Optional<PlantFit>>> fits,
        Map<Integer, String> kept,
        List<Refused> refused,
        int more)
        implements PlantingTaskBuilder.With {
    public PlantingTask {
        models = List.copyOf(models);
        places = List.copyOf(places);
        fits = fits.stream().map(List::copyOf).toList();
        kept = Map.copyOf(kept);
        refused = List.copyOf(refused);
    }

    /** A kind that may stand nowhere, and where it would be least bad. */
    public record Refused(PlantModel kind, PlanStation station, GrowingPlace place, PlantFit fit, Set<Bar> bars) {
        public Refused {
            bars = Set.copyOf(bars);
        }
    }
}
