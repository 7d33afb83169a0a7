package tanah.core.explain;

import static tanah.core.physics.Constants.HOUR;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.Range;
import tanah.core.evaluate.Evaluation;
import tanah.core.explain.Figure.Input;
import tanah.core.explain.Figure.Standing;
import tanah.core.units.Unit;
import tanah.core.water.Circulation;
import tanah.core.water.Run;

/** Pumps, filters, heaters and running water. */
final class DeviceFigures {

    private final List<Figure> all = new ArrayList<>();

    private DeviceFigures() {}

    static List<Figure> of(Evaluation e, Circulation c) {
        DeviceFigures figures = new DeviceFigures();
        c.runs().forEach(r -> figures.run(r, c));
        c.heaters().forEach(figures::heater);
        if (c.hasFilter()) {
            e.ground()
                    .flatMap(g -> g.water())
                    .filter(w -> w.turnsOver() > 0)
                    .ifPresent(w -> figures.add(
                            "water.turnover",
                            "water.turnover",
                            "",
                            c.filtered() * HOUR / w.turnsOver(),
                            Unit.COUNT,
                            Standing.PRACTICE,
                            List.of(new Input.Computed("turns_over", "water.turns_over"))));
        }
        if (c.topUp() > 0) {
            figures.add(
                    "water.top_up",
                    "water.top_up",
                    "",
                    c.topUp(),
                    Unit.LITRE,
                    Standing.MEMORY,
                    c.returned() > 0 ? List.of(new Input.Computed("under_way", "water.under_way")) : List.of());
        }
        if (c.returned() > 0) {
            figures.add(
                    "water.under_way",
                    "water.under_way",
                    "",
                    c.transit() + c.tube(),
                    Unit.LITRE,
                    Standing.DERIVED,
                    List.of());
            figures.add(
                    "water.rise_on_stop",
                    "water.rise_on_stop",
                    "",
                    c.riseOnStop(),
                    Unit.CENTIMETRE,
                    Standing.DERIVED,
                    List.of(new Input.Computed("under_way", "water.under_way")));
            figures.add(
                    "water.running",
                    "water.running",
                    "",
                    c.running(),
                    Unit.CENTIMETRE,
                    Standing.DERIVED,
                    List.of(new Input.Computed("under_way", "water.under_way")));
        }
        return figures.all;
    }

    private void run(Run run, Circulation c) {
        String id = "device." + run.device().id() + ".";
        List<Input> gear = gear(run.gear());
        run.flow()
                .ifPresent(flow -> all.add(new Figure(
                        id + "flow",
                        run.line().isPresent() ? "pump.flow" : "pump.flow_rated",
                        run.device().id(),
                        flow,
                        OptionalDouble.empty(),
                        Unit.LITRE_PER_HOUR,
                        Optional.of(new Range(Math.min(flow, run.dirty().orElse(0)), flow)),
                        run.line().isPresent() ? Standing.PUBLISHED : Standing.PRACTICE,
                        gear)));
        run.line()
                .ifPresent(line -> add(
                        id + "rise",
                        "pump.rise",
                        run.device().id(),
                        line.rise(),
                        Unit.CENTIMETRE,
                        Standing.DERIVED,
                        List.of()));
        if (run.hasJet()) {
            add(
                    id + "jet",
                    "pump.jet",
                    run.device().id(),
                    jet(run),
                    Unit.CENTIMETRE_PER_SECOND,
                    Standing.PRACTICE,
                    gear);
        }
        if (!run.gear().isSponge() && run.device().at().z().isPresent()) {
            add(
                    id + "least",
                    "pump.least",
                    run.device().id(),
                    run.device().at().z().getAsDouble() + run.cover(),
                    Unit.CENTIMETRE,
                    Standing.PRACTICE,
                    List.of());
        }
        run.feature().ifPresent(f -> {
            if (run.isComplete() && run.under() > 0) {
                add(
                        "feature." + f.id() + ".water",
                        "feature.water",
                        f.id(),
                        run.under(),
                        Unit.LITRE,
                        Standing.PUBLISHED,
                        List.of(new Input.Computed("flow", id + "flow")));
            }
        });
    }

    /** Speed where the jet leaves the outlet (m/s). */
    private static double jet(Run run) {
        return tanah.core.water.OpenFlow.jetSpeed(run.flow().orElse(0), run.outlets(), run.outletBore(), 0);
    }

    private void heater(Circulation.Heating heater) {
        add(
                "device." + heater.device().id() + ".power",
                "heater.power",
                heater.device().id(),
                heater.power(),
                Unit.WATT,
                heater.device().power().isPresent() ? Standing.KEEPER : Standing.MEMORY,
                gear(heater.gear()));
    }

    private static List<Input> gear(Gear gear) {
        List<Input> inputs = new ArrayList<>();
        String kind = gear.isWaterHeater() ? "heaters" : "watergear";
        gear.flow()
                .most()
                .ifPresent(v -> inputs.add(
                        new Input.Listed("max_flow", kind, gear.id(), v, Unit.LITRE_PER_HOUR, gear.source())));
        gear.flow()
                .head()
                .ifPresent(v ->
                        inputs.add(new Input.Listed("max_head", kind, gear.id(), v, Unit.CENTIMETRE, gear.source())));
        gear.power()
                .ifPresent(v -> inputs.add(new Input.Listed("power", kind, gear.id(), v, Unit.WATT, gear.source())));
        return inputs;
    }

    private void add(
            String id, String formula, String part, double value, Unit unit, Standing standing, List<Input> inputs) {
        all.add(new Figure(id, formula, part, value, OptionalDouble.empty(), unit, Optional.empty(), standing, inputs));
    }
}
