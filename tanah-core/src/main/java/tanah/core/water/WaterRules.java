package tanah.core.water;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.design.Dam;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.edit.DamEdit;
import tanah.core.design.edit.GroundEdit;
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
import tanah.core.units.Resolution;
import tanah.core.units.Unit;

/** Water against the wall, the rim and the soil. */
public final class WaterRules {
    public static final RuleId OVER_DAM = new RuleId("GW-020");
    public static final RuleId NEAR_DAM = new RuleId("GW-021");
    public static final RuleId SEAL = new RuleId("GW-022");
    public static final RuleId STANDS_IN_WATER = new RuleId("GW-023");
    public static final RuleId WICKS = new RuleId("GW-025");
    public static final RuleId STAYS_DRY = new RuleId("GW-026");
    public static final RuleId RIM = new RuleId("GW-027");

    private static final double MARGIN = 0.02; // m, common practice
    private static final double RIM_MARGIN = 0.03; // m, common practice
    private static final double ROUND_UP = 0.005; // m, remedies are given in half centimetres

    private WaterRules() {}

    public static List<Finding> judge(Design design, GroundResult ground, LandWater state) {
        List<Finding> findings = new ArrayList<>();
        design.ground().lowestWall().flatMap(dam -> dam(design, dam, state)).ifPresent(findings::add);
        design.ground().walls().forEach(dam -> seal(dam).ifPresent(findings::add));
        rim(state).ifPresent(findings::add);
        state.wicking().ifPresent(w -> findings.add(wicking(design, ground, state, w)));
        return findings;
    }

    private static Optional<Finding> dam(Design design, Dam dam, LandWater state) {
        double wanted = design.water().orElseThrow().margins().barrier().orElse(MARGIN);
        double margin = state.overDam().orElseThrow();
        boolean over = margin < 0;
        // one water table on both sides: the wall holds nothing back, its crest is only a shore
        if (!dam.isWatertight() && !over) {
            return Optional.empty();
        }
        List<Measure> numbers = List.of(
                length("margin", margin),
                length("wanted", wanted),
                length("highest", state.highest()),
                length("top", dam.top()));
        Place place = Place.part(Stage.WATER, dam.id());
        if (Resolution.LENGTH.atLeast(margin, wanted)) {
            return Optional.of(Finding.of(NEAR_DAM, Severity.GOOD, place, numbers, List.of()));
        }
        double rise = up(wanted - margin);
        List<Remedy> remedies = new ArrayList<>();
        double lower = down(state.water().level() - (wanted - margin));
        if (lower > 0) {
            remedies.add(Remedy.change("lower-water", WaterEdit.level(lower), length("level", lower)));
        }
        remedies.add(
                Remedy.change("raise-dam", DamEdit.top(dam.id(), dam.top() + rise), length("top", dam.top() + rise)));
        return Optional.of(Finding.of(
                over ? OVER_DAM : NEAR_DAM, over ? Severity.STOP : Severity.CAUTION, place, numbers, remedies));
    }

    private static Optional<Finding> seal(Dam dam) {
        if (!dam.isWatertight() || dam.canSeal()) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                SEAL,
                Severity.STOP,
                Place.part(Stage.WATER, dam.id()),
                List.of(),
                List.of(
                        Remedy.change("seal-foam", new DamEdit.Make(dam.id(), "foam", true)),
                        Remedy.change("seal-glass", new DamEdit.Make(dam.id(), "glass", true)))));
    }

    private static Optional<Finding> rim(LandWater state) {
        double margin = state.underRim();
        List<Measure> numbers = List.of(length("margin", margin), length("highest", state.highest()));
        if (Resolution.LENGTH.atLeast(margin, RIM_MARGIN)) {
            return Optional.of(Finding.of(RIM, Severity.GOOD, Place.of(Stage.WATER), numbers, List.of()));
        }
        double lower = down(state.water().level() - (RIM_MARGIN - margin));
        return Optional.of(Finding.of(
                RIM,
                margin < 0 ? Severity.STOP : Severity.CAUTION,
                Place.of(Stage.WATER),
                numbers,
                lower > 0
                        ? List.of(Remedy.change("lower-water", WaterEdit.level(lower), length("level", lower)))
                        : List.of(Remedy.change("choose-larger-vessel", new Action.GoTo(Stage.VESSEL)))));
    }

    private static Finding wicking(Design design, GroundResult ground, LandWater state, LandWater.Wicking w) {
        Place place = Place.part(Stage.WATER, w.layer());
        double missing = w.needed() - w.gap();
        List<Measure> numbers = List.of(
                length("underside", w.underside()),
                length("highest", state.highest()),
                length("gap", w.gap()),
                length("needed", w.needed()),
                length("missing", Math.max(0, missing)),
                length("front", w.front()));
        if (Resolution.LENGTH.atLeast(w.gap(), w.needed())) {
            return Finding.of(STAYS_DRY, Severity.GOOD, place, numbers, List.of());
        }
        boolean accepted =
                design.water().orElseThrow().margins().acceptWicking().orElse(false);
        boolean stands = w.gap() < 0;
        List<Remedy> remedies = new ArrayList<>();
        raise(design, ground, missing).ifPresent(remedies::add);
        double lower = down(state.water().level() - missing);
        if (lower > 0) {
            remedies.add(Remedy.change("lower-water", WaterEdit.level(lower), length("level", lower)));
        }
        design.ground().dams().stream()
                .filter(d -> d.isWall() && !d.isWatertight())
                .findFirst()
                .ifPresent(d -> remedies.add(
                        Remedy.change("seal-foam", new DamEdit.Make(d.id(), d.canSeal() ? d.kind() : "foam", true))));
        if (!accepted) {
            remedies.add(Remedy.change("accept-bog", new WaterEdit.AllowWicking(true)));
        }
        if (remedies.isEmpty()) {
            remedies.add(Remedy.byHand("lay-drainage-under"));
        }
        Severity severity = stands && !accepted ? Severity.STOP : Severity.CAUTION;
        return Finding.of(stands ? STANDS_IN_WATER : WICKS, severity, place, numbers, remedies)
                .worded(accepted ? "accepted" : "");
    }

    private static Optional<Remedy> raise(Design design, GroundResult ground, double by) {
        return design.ground().layers().stream()
                .filter(l -> l.is(Layer.Kind.DRAINAGE) || l.is(Layer.Kind.FALSE_BOTTOM))
                .findFirst()
                .flatMap(l -> ground.layer(l.id()))
                .filter(r -> r.shape().exists())
                .map(r -> {
                    double depth = up(r.shape().meanDepth() + by);
                    return Remedy.change(
                            "raise-drainage", new GroundEdit.SetDepth(r.id(), depth), length("depth", depth));
                });
    }

    private static double up(double metres) {
        return Math.ceil(metres / ROUND_UP - 1e-6) * ROUND_UP;
    }

    private static double down(double metres) {
        return Math.floor(metres / ROUND_UP + 1e-6) * ROUND_UP;
    }

    static Measure length(String name, double metres) {
        return new Measure(name, metres, Unit.CENTIMETRE);
    }
}
