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
            findings.add(stress("front-pane", p.front()));
            findings.add(stress("side-pane", p.side()));
            bows(vessel, p).ifPresent(findings::add);
            thin(p).ifPresent(findings::add);
            p.divider().ifPresent(d -> findings.add(divider(design, d)));
            p.base().ifPresent(s -> findings.add(base(s)));
        });
        tank(design, ground, catalogue).ifPresent(findings::add);
        return findings;
    }

    private static Finding stress(String part, PaneResult.Held pane) {
        Severity severity = pane.allowed().verdict(pane.plate().stress());
        List<Measure> numbers = numbers(pane.plate().stress(), pane.allowed());
        Place place = Place.part(Stage.VESSEL, part);
        return severity != Severity.GOOD
                ? Finding.of(STRESS, severity, place, numbers, lower()).worded(part)
                : Finding.of(HOLDS, Severity.GOOD, place, numbers, List.of()).worded(part);
    }

    private static Optional<Finding> bows(Vessel vessel, PaneResult p) {
        Allowed allowed = p.front().allowed();
        boolean glass = allowed.working() >= GLASS && allowed.limit() > allowed.working() * 1.4;
        double limit = vessel.length() / (glass ? SPAN_GLASS : SPAN_PLASTIC);
        double bow = p.front().plate().bow();
        if (bow <= limit) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                BOWS,
                Severity.CAUTION,
                Place.part(Stage.VESSEL, "front-pane"),
                List.of(new Measure("deflection", bow, Unit.MILLIMETRE), new Measure("limit", limit, Unit.MILLIMETRE)),
                lower()));
    }

    /**
     * A pane that bows by more than half its thickness stretches as well as it bends, so that its stress is overstated (Timoshenko
     * and Woinowsky-Krieger, Theory of Plates and Shells, chapter 13): what holds it is then its frame and its seams.
     */
    private static Optional<Finding> thin(PaneResult p) {
        boolean front = p.front().plate().bow() >= p.side().plate().bow();
        PaneResult.Held pane = front ? p.front() : p.side();
        if (pane.plate().bow() <= pane.thickness() / 2) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                THIN,
                Severity.HINT,
                Place.part(Stage.VESSEL, front ? "front-pane" : "side-pane"),
                List.of(
                        new Measure("deflection", pane.plate().bow(), Unit.MILLIMETRE),
                        new Measure("half", pane.thickness() / 2, Unit.MILLIMETRE),
                        new Measure("thin", pane.plate().deflection(), Unit.MILLIMETRE)),
                List.of(Remedy.byHand("ask-maker"))));
    }

    private static Finding divider(Design design, PaneResult.Held wall) {
        String id = design.ground().walls().stream()
                .filter(Dam::isWatertight)
                .filter(d -> d.kind().equals("glass") || d.kind().equals("acrylic"))
                .findFirst()
                .orElseThrow()
                .id();
        Severity severity = wall.allowed().verdict(wall.plate().stress());
        return Finding.of(
                DIVIDER,
                severity,
                Place.part(Stage.WATER, id),
                numbers(wall.plate().stress(), wall.allowed()),
                severity != Severity.GOOD ? List.of(Remedy.byHand("thicker-divider")) : List.of());
    }

    private static Finding base(PaneResult.Base base) {
        Severity severity = base.allowed().verdict(base.stress());
        return Finding.of(
                BASE,
                severity,
                Place.part(Stage.VESSEL, "base"),
                numbers(base.stress(), base.allowed()),
                severity != Severity.GOOD ? List.of(Remedy.byHand("support-base")) : List.of());
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

    private static List<Measure> numbers(double stress, Allowed allowed) {
        return List.of(
                new Measure("stress", stress, Unit.MEGAPASCAL),
                new Measure("working", allowed.working(), Unit.MEGAPASCAL),
                new Measure("limit", allowed.limit(), Unit.MEGAPASCAL));
    }

    private static List<Remedy> lower() {
        return List.of(Remedy.change("lower-filling", new Action.GoTo(Stage.GROUND)), Remedy.byHand("ask-maker-panes"));
    }
}
