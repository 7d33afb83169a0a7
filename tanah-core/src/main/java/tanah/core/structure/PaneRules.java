package tanah.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.VesselModel;
import tanah.core.design.Dam;
import tanah.core.design.Design;
import tanah.core.design.VesselPlan;
import tanah.core.design.edit.WaterEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.ground.GroundResult;
import tanah.core.units.Unit;
import tanah.core.vessel.Vessel;

/** Panes, divider and base under their filling, and boxes that are no tanks. Screening; the maker's word prevails. */
public final class PaneRules {
    public static final RuleId STRESS = new RuleId("GW-063");
    public static final RuleId HOLDS = new RuleId("GW-064");
    public static final RuleId BOWS = new RuleId("GW-065");
    public static final RuleId THIN = new RuleId("GW-066");
    public static final RuleId BASE = new RuleId("GW-067");
    public static final RuleId DIVIDER = new RuleId("GW-068");
    public static final RuleId NO_TANK = new RuleId("GW-069");

    private static final double SPAN_GLASS = 300; // share of the span, common practice
    private static final double SPAN_PLASTIC = 100;
    private static final double GLASS = 4e6; // working stress from which a material counts as glass here

    private PaneRules() {}

    public static List<Finding> judge(
            Design design, Vessel vessel, GroundResult ground, Optional<PaneResult> panes, Catalogue catalogue) {
        List<Finding> findings = new ArrayList<>();
        panes.ifPresent(p -> {
            findings.add(stress("front-pane", p.front(), p));
            findings.add(stress("side-pane", p.side(), p));
            bows(vessel, p).ifPresent(findings::add);
            thin(design, p).ifPresent(findings::add);
            p.divider().ifPresent(d -> findings.add(divider(design, d, p)));
            p.base().ifPresent(s -> findings.add(base(s, p)));
        });
        tank(design, ground, catalogue).ifPresent(findings::add);
        return findings;
    }

    private static Finding stress(String part, PanePlate.Result pane, PaneResult all) {
        boolean stop = pane.stress() > all.limit();
        boolean caution = pane.stress() > all.working();
        List<Measure> numbers = numbers(pane.stress(), all);
        Place place = Place.part(Stage.VESSEL, part);
        return stop || caution
                ? Finding.of(STRESS, stop ? Severity.STOP : Severity.CAUTION, place, numbers, lower())
                        .worded(part)
                : Finding.of(HOLDS, Severity.GOOD, place, numbers, List.of()).worded(part);
    }

    private static Optional<Finding> bows(Vessel vessel, PaneResult p) {
        double limit =
                vessel.length() / (p.working() >= GLASS && p.limit() > p.working() * 1.4 ? SPAN_GLASS : SPAN_PLASTIC);
        if (p.front().bow() <= limit) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                BOWS,
                Severity.CAUTION,
                Place.part(Stage.VESSEL, "front-pane"),
                List.of(
                        new Measure("deflection", p.front().bow(), Unit.MILLIMETRE),
                        new Measure("limit", limit, Unit.MILLIMETRE)),
                lower()));
    }

    /**
     * A pane that bows by more than half its thickness stretches as well as it bends, so that its stress is overstated (Timoshenko
     * and Woinowsky-Krieger, Theory of Plates and Shells, chapter 13): what holds it is then its frame and its seams.
     */
    private static Optional<Finding> thin(Design design, PaneResult p) {
        OptionalDouble pane = design.vessel().map(VesselPlan::pane).orElse(OptionalDouble.empty());
        double bow = Math.max(p.front().bow(), p.side().bow());
        if (pane.isEmpty() || bow <= pane.getAsDouble() / 2) {
            return Optional.empty();
        }
        boolean front = p.front().bow() >= p.side().bow();
        return Optional.of(Finding.of(
                THIN,
                Severity.HINT,
                Place.part(Stage.VESSEL, front ? "front-pane" : "side-pane"),
                List.of(
                        new Measure("deflection", bow, Unit.MILLIMETRE),
                        new Measure("half", pane.getAsDouble() / 2, Unit.MILLIMETRE),
                        new Measure(
                                "thin",
                                front ? p.front().deflection() : p.side().deflection(),
                                Unit.MILLIMETRE)),
                List.of(Remedy.byHand("ask-maker"))));
    }

    private static Finding divider(Design design, PanePlate.Result wall, PaneResult p) {
        String id = design.ground().walls().stream()
                .filter(Dam::isWatertight)
                .filter(d -> d.kind().equals("glass") || d.kind().equals("acrylic"))
                .findFirst()
                .orElseThrow()
                .id();
        boolean stop = wall.stress() > p.limit();
        boolean caution = wall.stress() > p.working();
        Severity severity = stop ? Severity.STOP : caution ? Severity.CAUTION : Severity.GOOD;
        return Finding.of(
                DIVIDER,
                severity,
                Place.part(Stage.WATER, id),
                numbers(wall.stress(), p),
                stop || caution ? List.of(Remedy.byHand("thicker-divider")) : List.of());
    }

    private static Finding base(double stress, PaneResult p) {
        boolean stop = stress > p.limit();
        boolean caution = stress > p.working();
        Severity severity = stop ? Severity.STOP : caution ? Severity.CAUTION : Severity.GOOD;
        return Finding.of(
                BASE,
                severity,
                Place.part(Stage.VESSEL, "base"),
                numbers(stress, p),
                stop || caution ? List.of(Remedy.byHand("support-base")) : List.of());
    }

    /** A box whose makers give a depth to which it holds water, or a front that opens. */
    private static Optional<Finding> tank(Design design, GroundResult ground, Catalogue catalogue) {
        VesselPlan plan = design.vessel().orElseThrow();
        Optional<VesselModel> model = plan.catalogue().flatMap(catalogue::findVessel);
        OptionalDouble depth = plan.waterproofDepth().isPresent()
                ? plan.waterproofDepth()
                : model.map(VesselModel::waterproofDepth).orElse(OptionalDouble.empty());
        if (depth.isEmpty()) {
            depth = plan.frontDam().isPresent()
                    ? plan.frontDam()
                    : model.map(VesselModel::frontDam).orElse(OptionalDouble.empty());
        }
        double level = ground.water().map(w -> w.level()).orElse(0.0);
        if (depth.isEmpty() || level <= depth.getAsDouble() + 1e-9) {
            return Optional.empty();
        }
        double limit = depth.getAsDouble();
        List<Remedy> remedies = new ArrayList<>();
        if (limit > 0) {
            remedies.add(
                    Remedy.change("lower-water", WaterEdit.level(limit), new Measure("level", limit, Unit.CENTIMETRE)));
        }
        remedies.add(Remedy.change("choose-larger-vessel", new Action.GoTo(Stage.VESSEL)));
        return Optional.of(Finding.of(
                NO_TANK,
                Severity.STOP,
                Place.of(Stage.WATER),
                List.of(new Measure("level", level, Unit.CENTIMETRE), new Measure("limit", limit, Unit.CENTIMETRE)),
                remedies));
    }

    private static List<Measure> numbers(double stress, PaneResult p) {
        return List.of(
                new Measure("stress", stress, Unit.MEGAPASCAL),
                new Measure("working", p.working(), Unit.MEGAPASCAL),
                new Measure("limit", p.limit(), Unit.MEGAPASCAL));
    }

    private static List<Remedy> lower() {
        return List.of(Remedy.change("lower-filling", new Action.GoTo(Stage.GROUND)), Remedy.byHand("ask-maker-panes"));
    }
}
