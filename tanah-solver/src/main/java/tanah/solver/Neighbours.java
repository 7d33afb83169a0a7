package tanah.solver;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tanah.core.plant.RootPlace;
import tanah.core.plantplan.PlanProblem;
import tanah.core.plantplan.PlanProblem.Choice;
import tanah.core.plantplan.PlanStation;

/**
 * Plants that would smother each other. Shrunken discs that share a point exclude each other all together: one clause for each point of
 * a fine grid says far more to the solver than one for each pair; pairs that share no such point have a clause of their own.
 */
final class Neighbours {
    private final PlanProblem problem;
    private final Map<Choice, BoolVar> chosen;
    private final List<Choice> choices;
    private final Set<Long> covered = new HashSet<>();

    private Neighbours(PlanProblem problem, Map<Choice, BoolVar> chosen) {
        this.problem = problem;
        this.chosen = chosen;
        this.choices = new ArrayList<>(chosen.keySet());
    }

    static void add(CpModel model, PlanProblem problem, Map<Choice, BoolVar> chosen) {
        Neighbours n = new Neighbours(problem, chosen);
        n.stations(model);
        for (RootPlace on : RootPlace.values()) {
            n.points(model, on);
        }
        n.pairs(model);
    }

    /** One plant at a station. */
    private void stations(CpModel model) {
        Map<Integer, List<BoolVar>> at = new LinkedHashMap<>();
        chosen.forEach((c, x) ->
                at.computeIfAbsent(c.station(), s -> new ArrayList<>()).add(x));
        at.values().forEach(all -> model.addAtMostOne(all.toArray(BoolVar[]::new)));
    }

    /** Points of a grid half as wide as that of the stations: at each, one plant of those that reach over it. */
    private void points(CpModel model, RootPlace on) {
        List<PlanStation> stations = problem.stations();
        List<Integer> here = new ArrayList<>();
        for (int i = 0; i < choices.size(); i++) {
            int station = choices.get(i).station();
            if (stations.get(station).on() == on && !problem.fixed().containsKey(station)) {
                here.add(i);
            }
        }
        Set<List<Integer>> seen = new HashSet<>();
        Set<List<Double>> points = new HashSet<>();
        for (int a : here) {
            PlanStation s = stations.get(choices.get(a).station());
            points.add(List.of(s.x(), s.y(), s.z()));
        }
        for (List<Double> point : points.stream().sorted(Neighbours::byPlace).toList()) {
            List<Integer> over =
                    here.stream().filter(i -> reaches(choices.get(i), point)).toList();
            if (over.size() > 1 && seen.add(over)) {
                model.addAtMostOne(
                        over.stream().map(i -> chosen.get(choices.get(i))).toArray(BoolVar[]::new));
                note(over);
            }
        }
    }

    private static int byPlace(List<Double> one, List<Double> other) {
        for (int i = 0; i < one.size(); i++) {
            int by = Double.compare(one.get(i), other.get(i));
            if (by != 0) {
                return by;
            }
        }
        return 0;
    }

    private boolean reaches(Choice c, List<Double> point) {
        PlanStation s = problem.stations().get(c.station());
        double radius = PlanProblem.SMOTHERS * problem.kinds().get(c.kind()).year() / 2;
        double away = Math.hypot(Math.hypot(s.x() - point.get(0), s.y() - point.get(1)), s.z() - point.get(2));
        return away < radius - 1e-9;
    }

    private void note(List<Integer> together) {
        for (int i = 0; i < together.size(); i++) {
            for (int j = i + 1; j < together.size(); j++) {
                covered.add(key(together.get(i), together.get(j)));
            }
        }
    }

    private long key(int one, int other) {
        return (long) one * choices.size() + other;
    }

    private void pairs(CpModel model) {
        for (int i = 0; i < choices.size(); i++) {
            for (int j = i + 1; j < choices.size(); j++) {
                if (!covered.contains(key(i, j)) && problem.excludes(choices.get(i), choices.get(j))) {
                    model.addAtMostOne(new BoolVar[] {chosen.get(choices.get(i)), chosen.get(choices.get(j))});
                }
            }
        }
    }
}
