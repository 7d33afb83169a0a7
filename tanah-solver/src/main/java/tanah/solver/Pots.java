package tanah.solver;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import tanah.core.plantplan.PlanKind;
import tanah.core.plantplan.PlanProblem;
import tanah.core.plantplan.PlanProblem.Choice;

/** What pots cost, in thousandths of the reference currency unit; what stands already is not bought. */
final class Pots {
    private Pots() {}

    static LinearExprBuilder price(CpModel model, PlanProblem problem, Map<Choice, BoolVar> chosen) {
        LinearExprBuilder price = LinearExpr.newBuilder();
        for (int k = 0; k < problem.kinds().size(); k++) {
            PlanKind.Pot pot = problem.kinds().get(k).pot();
            LinearExprBuilder pieces = LinearExpr.newBuilder();
            AtomicInteger most = new AtomicInteger();
            int kind = k;
            chosen.forEach((c, x) -> {
                if (c.kind() == kind && !problem.fixed().containsKey(c.station())) {
                    pieces.add(x);
                    most.incrementAndGet();
                }
            });
            if (most.get() > 0 && pot.price() > 0) {
                IntVar pots = model.newIntVar(0, pot.count(most.get()), "pots" + k);
                // pieces of a pot in tenths: of ten cuttings two do not take
                LinearExpr enough = LinearExpr.term(pots, Math.round(10 * pot.usable()));
                model.addGreaterOrEqual(enough, LinearExpr.newBuilder().addTerm(pieces.build(), 10));
                price.addTerm(pots, Math.round(PlanModel.SCALE * pot.price()));
            }
        }
        return price;
    }
}
