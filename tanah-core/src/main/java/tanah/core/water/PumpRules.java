package tanah.core.water;

import static tanah.core.physics.Constants.DAY;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.WaterFeature;
import tanah.core.design.edit.DeviceEdit;
import tanah.core.design.edit.WaterEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;
import tanah.core.vessel.Vessel;

/** Pumps against their height, their inlet, evaporation and splash. */
public final class PumpRules {
    public static final RuleId WEAK = new RuleId("GW-080");
    public static final RuleId DRY = new RuleId("GW-082");
    public static final RuleId FALLS_DRY = new RuleId("GW-083");
    public static final RuleId SPLASH = new RuleId("GW-084");

    private static final double ENOUGH = 0.95; // of the wanted flow
    private static final double DAYS = 7; // without topping up, common practice
    private static final double LEAST_EVAPORATION = 1e-9; // m³/s
    private static final double ROUND = 0.005; // m
    // how far drops fly, over the height of the fall; common practice
    private static final double FREE = 0.5;
    private static final double FILM = 0.05;

    private PumpRules() {}

    /**
     * @param evaporation out of the box (m³/s); empty: not known yet
     */
    public static List<Finding> judge(
            Design design, Vessel vessel, Circulation water, OptionalDouble evaporation, Catalogue catalogue) {
        List<Finding> findings = new ArrayList<>();
        for (Run run : water.runs()) {
            if (run.line().isPresent() && run.gear().isPump()) {
                findings.add(lift(run, design.water().orElseThrow().celsius(), catalogue));
            }
            inlet(run, water).ifPresent(findings::add);
            evaporation.stream()
                    .boxed()
                    .flatMap(v -> evaporates(run, water, v).stream())
                    .forEach(findings::add);
        }
        design.water()
                .orElseThrow()
                .features()
                .forEach(f -> splash(f, vessel, water.level()).ifPresent(findings::add));
        return findings;
    }

    private static Finding lift(Run run, double celsius, Catalogue catalogue) {
        Place place = Place.part(Stage.WATER, run.device().id());
        Pipe line = run.line().orElseThrow();
        double wanted = run.wanted().orElse(0);
        List<Measure> numbers = List.of(
                perHour("flow", run.flow().orElse(0)),
                perHour("dirty", run.dirty().orElse(0)),
                perHour("wanted", wanted),
                WaterRules.length("rise", line.rise()));
        boolean none = run.flow().isEmpty();
        boolean little = run.flow().orElse(0) < ENOUGH * wanted;
        boolean dirty = run.dirty().orElse(0) <= 0;
        if (!none && !little && !dirty) {
            return Finding.of(WEAK, Severity.GOOD, place, numbers, List.of())
                    .worded(wanted > 0 ? "" : "free", run.gear().name());
        }
        List<Remedy> remedies = new ArrayList<>();
        PumpProposal.smallest(line, celsius, wanted, catalogue)
                .filter(g -> !g.id().equals(run.gear().id()))
                .ifPresent(g -> remedies.add(Remedy.change(
                                "larger-pump",
                                new DeviceEdit.SetDevice(run.device().id(), g.id()))
                        .words(g.name())));
        remedies.add(Remedy.byHand("wider-tube"));
        return Finding.of(WEAK, none ? Severity.STOP : Severity.CAUTION, place, numbers, remedies)
                .worded(none ? "none" : little ? "" : "dirty", run.gear().name());
    }

    private static Optional<Finding> inlet(Run run, Circulation water) {
        if (run.device().at().z().isEmpty() || run.gear().isSponge()) {
            return Optional.empty();
        }
        double least = run.device().at().z().getAsDouble() + run.cover();
        double missing = least - water.running();
        Place place = Place.part(Stage.WATER, run.device().id());
        List<Measure> numbers = List.of(
                WaterRules.length("running", water.running()),
                WaterRules.length("least", least),
                WaterRules.length("missing", Math.max(0, missing)),
                new Measure("litres", Math.max(0, missing) * water.area(), Unit.LITRE));
        if (missing <= 1e-9) {
            return Optional.of(Finding.of(DRY, Severity.GOOD, place, numbers, List.of())
                    .worded("", run.gear().name()));
        }
        double level = Math.ceil((water.level() + missing) / ROUND - 1e-6) * ROUND;
        return Optional.of(Finding.of(
                        DRY,
                        Severity.STOP,
                        place,
                        numbers,
                        List.of(
                                Remedy.change("raise-water", WaterEdit.level(level), WaterRules.length("level", level)),
                                Remedy.byHand("lower-inlet")))
                .worded("", run.gear().name()));
    }

    private static Optional<Finding> evaporates(Run run, Circulation water, double evaporation) {
        if (run.device().at().z().isEmpty() || run.gear().isSponge() || evaporation < LEAST_EVAPORATION) {
            return Optional.empty();
        }
        double spare = water.running() - run.device().at().z().getAsDouble() - run.cover();
        if (spare <= 0) {
            return Optional.empty();
        }
        double days = spare * water.area() / evaporation / DAY;
        Place place = Place.part(Stage.WATER, run.device().id());
        List<Measure> numbers =
                List.of(new Measure("days", days * DAY, Unit.DAY), new Measure("daily", evaporation * DAY, Unit.LITRE));
        return Optional.of(
                days >= DAYS
                        ? Finding.of(FALLS_DRY, Severity.GOOD, place, numbers, List.of())
                                .worded("", run.gear().name())
                        : Finding.of(
                                        FALLS_DRY,
                                        Severity.CAUTION,
                                        place,
                                        numbers,
                                        List.of(Remedy.byHand(
                                                "top-up",
                                                new Measure("every", Math.max(1, Math.floor(days)) * DAY, Unit.DAY))))
                                .worded("", run.gear().name()));
    }

    private static Optional<Finding> splash(WaterFeature feature, Vessel vessel, double level) {
        if (feature.bar().isEmpty() || feature.kind() == WaterFeature.Kind.STREAM) {
            return Optional.empty();
        }
        double fall = Math.max(0, feature.bar().getAsDouble() - level);
        double reach = fall * (feature.kind() == WaterFeature.Kind.FALL ? FREE : FILM);
        boolean across = feature.face()
                .filter(f -> f.equals("left") || f.equals("right"))
                .isPresent();
        double room = across ? vessel.length() : vessel.width();
        if (reach <= room) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                SPLASH,
                Severity.HINT,
                Place.part(Stage.WATER, feature.id()),
                List.of(WaterRules.length("reach", reach), WaterRules.length("room", room)),
                List.of(Remedy.byHand("break-fall"))));
    }

    private static Measure perHour(String name, double flow) {
        return new Measure(name, flow, Unit.LITRE_PER_HOUR);
    }
}
