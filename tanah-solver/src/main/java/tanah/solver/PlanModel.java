package tanah.solver;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import tanah.core.plant.RootPlace;
import tanah.core.plantplan.PlanProblem;
import tanah.core.plantplan.PlanProblem.Choice;
import tanah.core.plantplan.PlantChoice;

/** A planting plan as the solver takes it: whole numbers only, points in thousandths. */
final class PlanModel {
    /** Whole numbers of one point. */
    static final double SCALE = 1000;

    private static final double PARTS = 1e6; // of the area, so that covers are whole numbers

    private final PlanProblem problem;
    private final CpModel model = new CpModel();
    private final Map<Choice, BoolVar> chosen = new LinkedHashMap<>();

    private PlanModel(PlanProblem problem) {
        this.problem = problem;
        for (Choice c : problem.choices()) {
            chosen.put(c, model.newBoolVar("x" + c.kind() + "_" + c.station()));
        }
        problem.fixed().forEach((station, kind) -> model.addEquality(variable(new Choice(kind, station)), 1));
        Neighbours.add(model, problem, chosen);
        cover();
        budget();
        hides();
        stinging();
        floating();
        model.maximize(new PlanObjective(model, problem, chosen).points());
    }

    static PlanModel of(PlanProblem problem) {
        return new PlanModel(problem);
    }

    CpModel model() {
        return model;
    }

    private BoolVar variable(Choice choice) {
        BoolVar found = chosen.get(choice);
        if (found == null) {
            throw new IllegalArgumentException("a plant that is kept is no choice");
        }
        return found;
    }

    interface Whole {
        long of(Choice choice);
    }

    static LinearExprBuilder sum(Map<Choice, BoolVar> chosen, Whole weight) {
        LinearExprBuilder sum = LinearExpr.newBuilder();
        chosen.forEach((c, x) -> {
            long w = weight.of(c);
            if (w != 0) {
                sum.addTerm(x, w);
            }
        });
        return sum;
    }

    /** Millionths of the ground under a young plant. */
    static long startPart(PlanProblem problem, Choice c) {
        return Math.round(PARTS * problem.place(c.kind(), c.station()).start() / problem.area());
    }

    static long yearPart(PlanProblem problem, Choice c) {
        return Math.round(PARTS * problem.place(c.kind(), c.station()).year() / problem.area());
    }

    private void cover() {
        if (problem.area() > 0) {
            model.addLinearConstraint(
                    sum(chosen, c -> startPart(problem, c)),
                    (long) Math.ceil(PARTS * problem.cover().min()),
                    (long) Math.floor(PARTS * problem.cover().max()));
        }
    }

    private void budget() {
        if (problem.budget().isPresent()) {
            model.addLessOrEqual(
                    Pots.price(model, problem, chosen),
                    Math.round(SCALE * problem.budget().getAsDouble()));
        }
    }

    private void hides() {
        for (PlanProblem.HideWish wish : problem.hides()) {
            model.addGreaterOrEqual(
                    sum(
                            chosen,
                            c -> wish.stations().contains(c.station())
                                            && problem.kinds().get(c.kind()).hides()
                                    ? 1
                                    : 0),
                    wish.pieces());
        }
    }

    private void stinging() {
        long kept = problem.fixed().values().stream()
                .filter(k -> problem.kinds().get(k).stings())
                .count();
        model.addLessOrEqual(
                sum(chosen, c -> problem.kinds().get(c.kind()).stings() ? 1 : 0), Math.max(PlanProblem.STINGING, kept));
    }

    private void floating() {
        if (problem.water() > 0) {
            long kept = problem.fixed().entrySet().stream()
                    .mapToLong(f -> afloat(new Choice(f.getValue(), f.getKey())))
                    .sum();
            long most = Math.round(PARTS * (1 - PlanProblem.OPEN_WATER));
            model.addLessOrEqual(sum(chosen, this::afloat), Math.max(most, kept));
        }
    }

    private long afloat(Choice c) {
        boolean floats = problem.stations().get(c.station()).on() == RootPlace.WATER_SURFACE;
        return floats ? Math.round(PARTS * problem.kinds().get(c.kind()).yearArea() / problem.water()) : 0;
    }

    /** What the solver found. */
    PlantChoice read(CpSolver solver) {
        Map<Integer, Integer> kinds = new TreeMap<>();
        chosen.forEach((c, x) -> {
            if (solver.booleanValue(x)) {
                kinds.put(c.station(), c.kind());
            }
        });
        return new PlantChoice(kinds);
    }

    /** Choices by kind. */
    static Map<Integer, List<BoolVar>> byKind(Map<Choice, BoolVar> chosen) {
        Map<Integer, List<BoolVar>> all = new TreeMap<>();
        chosen.forEach(
                (c, x) -> all.computeIfAbsent(c.kind(), k -> new ArrayList<>()).add(x));
        return all;
    }
}
