package tanah.solver;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tanah.core.plantplan.PlanCheck;
import tanah.core.plantplan.PlanProblem;
import tanah.core.plantplan.PlanValue;
import tanah.core.plantplan.PlantChoice;

/** Every filling of a small plan, tried one by one. */
final class Enumeration {
    private final PlanProblem problem;
    private final List<PlantChoice> kept = new ArrayList<>();

    private Enumeration(PlanProblem problem) {
        this.problem = problem;
        fill(0, new HashMap<>());
    }

    /** All that are allowed, best first. */
    static List<PlantChoice> of(PlanProblem problem) {
        return new Enumeration(problem)
                .kept.stream()
                        .sorted(Comparator.comparingDouble(c -> -new PlanValue(problem, c).total()))
                        .toList();
    }

    private void fill(int station, Map<Integer, Integer> so) {
        if (station == problem.stations().size()) {
            PlantChoice choice = new PlantChoice(so);
            if (PlanCheck.holds(problem, choice)) {
                kept.add(choice);
            }
            return;
        }
        fill(station + 1, so);
        for (int k = 0; k < problem.kinds().size(); k++) {
            so.put(station, k);
            fill(station + 1, so);
        }
        so.remove(station);
    }
}
