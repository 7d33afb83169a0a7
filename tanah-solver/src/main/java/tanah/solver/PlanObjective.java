package tanah.solver;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.List;
import java.util.Map;
import tanah.core.plantplan.PlanProblem;
import tanah.core.plantplan.PlanProblem.Choice;
import tanah.core.plantplan.PlanWeights;

/** What a plan is worth, as the solver sums it: {@link tanah.core.plantplan.PlanValue} in thousandths of a point. */
final class PlanObjective {
    private static final int EVEN = 5; // counts from which a kind is a drift whatever its number
    private static final int FEW = 5; // pieces under which a kind found again counts for nothing
    private static final double CM = 0.01;
    private static final long FULL = 900_000; // millionths of the ground
    private static final double PERCENT = 10_000; // millionths
    private static final long MUCH = 100_000_000; // millionths: more cover than any plan has

    private final CpModel model;
    private final PlanProblem problem;
    private final Map<Choice, BoolVar> chosen;
    private final LinearExprBuilder points = LinearExpr.newBuilder();

    PlanObjective(CpModel model, PlanProblem problem, Map<Choice, BoolVar> chosen) {
        this.model = model;
        this.problem = problem;
        this.chosen = chosen;
    }

    LinearExprBuilder points() {
        PlanWeights w = problem.weights();
        chosen.forEach((c, x) -> points.addTerm(x, whole(atStation(c))));
        BoolVar many = w.again() > 0 ? many() : null;
        IntVar varied = model.newIntVar(0, problem.variety(), "varied");
        LinearExprBuilder used = LinearExpr.newBuilder();
        for (Map.Entry<Integer, List<BoolVar>> kind : PlanModel.byKind(chosen).entrySet()) {
            int k = kind.getKey();
            List<BoolVar> all = kind.getValue();
            BoolVar there = model.newBoolVar("used" + k);
            model.addMaxEquality(there, all.toArray(BoolVar[]::new));
            used.add(there);
            if (problem.kinds().get(k).fromThere()) {
                points.addTerm(there, whole(w.fromThere()));
            }
            if (w.even() > 0 && all.size() > 1) {
                even(k, all);
            }
            if (many != null) {
                again(k, many);
            }
        }
        model.addLessOrEqual(varied, used);
        points.addTerm(varied, whole(w.variety()));
        room();
        if (w.price() > 0) {
            IntVar price = model.newIntVar(0, MUCH, "price");
            model.addGreaterOrEqual(price, Pots.price(model, problem, chosen));
            lose(price, w.price(), (long) PlanModel.SCALE);
        }
        return points;
    }

    private static long whole(double value) {
        return Math.round(PlanModel.SCALE * value);
    }

    /** What one plant brings where it stands. */
    private double atStation(Choice c) {
        PlanWeights w = problem.weights();
        var kind = problem.kinds().get(c.kind());
        var at = problem.stations().get(c.station());
        double over = Math.max(0, kind.height() - at.low()) / CM;
        return w.fit() * problem.place(c.kind(), c.station()).points()
                + (kind.hides() && at.hide() ? w.hide() : 0)
                + (kind.holds() && at.damp() ? w.damp() : 0)
                - w.tall() * over;
    }

    private BoolVar many() {
        BoolVar many = model.newBoolVar("many");
        model.addGreaterOrEqual(LinearExpr.sum(chosen.values().toArray(BoolVar[]::new)), FEW)
                .onlyEnforceIf(many);
        return many;
    }

    /** Two or four of a kind look laid out. */
    private void even(int kind, List<BoolVar> all) {
        LinearExprBuilder least = LinearExpr.newBuilder();
        LinearExprBuilder most = LinearExpr.newBuilder();
        LinearExprBuilder one = LinearExpr.newBuilder();
        int last = Math.min(EVEN, all.size());
        for (int n = 0; n <= last; n++) {
            BoolVar so = model.newBoolVar("n" + kind + "_" + n);
            one.add(so);
            least.addTerm(so, n);
            most.addTerm(so, n == EVEN ? all.size() : n);
            if (n == 2 || n == 4) {
                points.addTerm(so, -whole(problem.weights().even()));
            }
        }
        LinearExpr count = LinearExpr.sum(all.toArray(BoolVar[]::new));
        model.addEquality(one, 1);
        model.addGreaterOrEqual(count, least);
        model.addLessOrEqual(count, most);
    }

    /** A kind that is found in two thirds of the length. */
    private void again(int kind, BoolVar many) {
        LinearExprBuilder thirds = LinearExpr.newBuilder();
        for (int third = 0; third < 3; third++) {
            int t = third;
            BoolVar[] here = chosen.entrySet().stream()
                    .filter(e -> e.getKey().kind() == kind
                            && problem.stations().get(e.getKey().station()).third() == t)
                    .map(Map.Entry::getValue)
                    .toArray(BoolVar[]::new);
            if (here.length > 0) {
                BoolVar there = model.newBoolVar("third" + kind + "_" + t);
                model.addMaxEquality(there, here);
                thirds.add(there);
            }
        }
        BoolVar again = model.newBoolVar("again" + kind);
        model.addLessOrEqual(LinearExpr.term(again, 2), thirds);
        model.addImplication(again, many);
        points.addTerm(again, whole(problem.weights().again()));
    }

    /** Room to grow: start cover beside what is wanted, cover after a year over what is good. */
    private void room() {
        if (problem.area() <= 0) {
            return;
        }
        PlanWeights w = problem.weights();
        if (w.room() > 0) {
            long aim = Math.round(100 * PERCENT * problem.aim());
            LinearExprBuilder start = PlanModel.sum(chosen, c -> PlanModel.startPart(problem, c));
            IntVar beside = model.newIntVar(0, MUCH, "beside");
            model.addGreaterOrEqual(beside, LinearExpr.newBuilder().add(start).add(-aim));
            model.addGreaterOrEqual(
                    beside, LinearExpr.newBuilder().addTerm(start.build(), -1).add(aim));
            lose(beside, w.room(), (long) PERCENT);
        }
        if (w.full() > 0) {
            IntVar over = model.newIntVar(0, MUCH, "over");
            model.addGreaterOrEqual(
                    over,
                    LinearExpr.newBuilder()
                            .add(PlanModel.sum(chosen, c -> PlanModel.yearPart(problem, c)))
                            .add(-FULL));
            lose(over, w.full(), (long) PERCENT);
        }
    }

    /** Points lost for each so many of a number. */
    private void lose(IntVar number, double weight, long each) {
        long points = whole(weight);
        IntVar lost = model.newIntVar(0, MUCH * Math.max(1, points), "lost");
        model.addGreaterOrEqual(LinearExpr.term(lost, each), LinearExpr.term(number, points));
        this.points.addTerm(lost, -1);
    }
}
