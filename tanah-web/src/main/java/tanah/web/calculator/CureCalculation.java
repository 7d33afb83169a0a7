package tanah.web.calculator;

import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import tanah.core.evaluate.Evaluation;
import tanah.core.structure.Adhesives;
import tanah.core.structure.CureRule;
import tanah.core.units.Unit;
import tanah.web.forms.Numbers;

/** Whether silicone has cured when water comes in. */
final class CureCalculation implements Calculation {
    @Override
    public String id() {
        return "cure";
    }

    @Override
    public boolean fits(Evaluation e) {
        return e.design().water().isPresent();
    }

    @Override
    public List<Choice> choices(Evaluation e) {
        return List.of(new Choice("cure-bead", List.of("triangle", "concave", "joint"), false));
    }

    @Override
    public List<Ask> asks(Evaluation e) {
        return List.of(
                Ask.number("cure-leg", Unit.MILLIMETRE, 1, 50, OptionalDouble.empty()),
                Ask.number("cure-after", Unit.DAY, 0, 365, OptionalDouble.empty()));
    }

    @Override
    public Outcome reckon(Evaluation e, CalculatorPages.Answers a) {
        Adhesives.Bead bead = Adhesives.Bead.valueOf(a.choice("cure-bead").toUpperCase(Locale.ROOT));
        double cure = Adhesives.cureDays(bead, a.number("cure-leg"));
        return Outcome.of(
                List.of(new Line("glue_cure", Numbers.upTo(cure, 1) + "\u2009d")),
                CureRule.judge(cure, Unit.DAY.fromSi(a.number("cure-after"))));
    }
}
