package tanah.core.plantplan;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import tanah.core.design.Design;
import tanah.core.finding.Finding;

/**
 * What a search for a planting came to in one way.
 *
 * @param end     how the search ended
 * @param gap     by how much it may fall short of the best, as a share
 * @param design  the plan with it; empty where none was found
 * @param report  what it is worth and why
 * @param task    what was solved
 * @param without what would have to be given up for a plan to be there
 * @param brings  stops that were not there before
 * @param cover   share of the ground that plants cover, by month
 */
public record PlantingFound(
        PlantingWay way,
        PlanSolver.End end,
        double gap,
        Optional<Design> design,
        Optional<PlanReport> report,
        PlantingTask task,
        List<GiveUp> without,
        List<Finding> brings,
        Map<Integer, Double> cover) {
    public PlantingFound {
        cover = Collections.unmodifiableMap(new TreeMap<>(cover));
        without = List.copyOf(without);
        brings = List.copyOf(brings);
    }

    /** What stands in the way of every plan. */
    public enum GiveUp {
        /** Nothing lives there. */
        KINDS,
        BUDGET,
        COVER,
        HIDES
    }
}
