package tanah.web.calculator;

import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import tanah.core.evaluate.Evaluation;
import tanah.core.ground.Cell;
import tanah.core.structure.Adhesives;
import tanah.core.units.Unit;
import tanah.web.forms.Numbers;

/** Silicone and foam: how much, and how long to wait. */
final class GlueCalculation implements Calculation {
    private static final double CAN = 0.022; // m³ that a usual can of 750 ml says it yields
    private static final String THIN = "\u2009";

    /** Volume of the walls of foam in the plan (m³); walls of glass, stone and wood take none. */
    private static double foamWalls(Evaluation e) {
        double sum = 0;
        for (Cell cell : e.ground().map(g -> g.terrain().cells()).orElse(List.of())) {
            boolean foam = cell.dam()
                    && e.design()
                            .ground()
                            .wallAt(cell.plan().centroid())
                            .filter(d -> d.kind().equals("foam"))
                            .isPresent();
            sum += foam
                    ? cell.plan().integral(cell.top())
                            - cell.plan().integral(cell.slabs().get(0).lower())
                    : 0;
        }
        return sum;
    }

    @Override
    public String id() {
        return "glue";
    }

    @Override
    public boolean fits(Evaluation e) {
        return e.vessel().isPresent();
    }

    @Override
    public List<Choice> choices(Evaluation e) {
        return List.of(new Choice("glue-bead", List.of("triangle", "concave", "joint"), false));
    }

    @Override
    public List<Ask> asks(Evaluation e) {
        return List.of(
                Ask.length("glue-length", 100, 1),
                Ask.number("glue-leg", Unit.MILLIMETRE, 1, 50, 8),
                Ask.volume("glue-foam", 500, OptionalDouble.of(foamWalls(e))),
                Ask.volume("glue-can", 200, OptionalDouble.of(CAN)),
                Ask.length("glue-thick", 1, 0.1));
    }

    @Override
    public Outcome reckon(Evaluation e, CalculatorPages.Answers a) {
        Adhesives.Bead bead = Adhesives.Bead.valueOf(a.choice("glue-bead").toUpperCase(Locale.ROOT));
        double silicone = Adhesives.silicone(bead, a.number("glue-leg"), a.number("glue-length"));
        double can = a.number("glue-can");
        double foam = a.number("glue-foam");
        int lifts = foam > 0 ? Adhesives.lifts(a.number("glue-thick")) : 0;
        return Outcome.of(List.of(
                new Line("glue_volume", Numbers.volumeWithUnit(silicone)),
                new Line("glue_cartridges", String.valueOf(Adhesives.cartridges(silicone))),
                new Line("glue_cure", Numbers.upTo(Adhesives.cureDays(bead, a.number("glue-leg")), 1) + THIN + "d"),
                new Line("glue_yield", Numbers.volumeWithUnit(Adhesives.fills(can))),
                new Line("glue_cans", can > 0 ? String.valueOf(Adhesives.cans(foam, can)) : "–"),
                new Line("glue_lifts", String.valueOf(lifts))));
    }
}
