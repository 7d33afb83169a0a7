package tanah.core.climaterule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.MistGear;
import tanah.core.design.AirPlan;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.VesselPlan;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.mapping.LampShape;
import tanah.core.mapping.MistPlan;
import tanah.core.units.Unit;
import tanah.core.vessel.Vessel;

/** The mist as gear: nozzles a pump feeds, days a tank lasts, spray on what is hot or under mains. */
public final class MistRule {
    public static final RuleId PUMP = new RuleId("air.mist.pump");
    public static final RuleId TANK = new RuleId("air.mist.tank");
    public static final RuleId HOT = new RuleId("air.mist.hot");

    private static final double SOON = 3; // days a tank should last at least, common practice
    private static final double NEAR = 0.25; // m from a nozzle to a lamp inside

    private MistRule() {}

    public static List<Finding> judge(Design design, Catalogue catalogue) {
        List<Finding> findings = new ArrayList<>();
        Optional<AirPlan.Mist> mist = design.air().flatMap(AirPlan::mist);
        if (mist.isEmpty() || mist.get().nozzles().isEmpty()) {
            return findings;
        }
        MistPlan plan = MistPlan.of(mist.get(), catalogue);
        Place place = Place.part(Stage.AIR, "mist");
        mist.get()
                .pump()
                .flatMap(catalogue::findMistGear)
                .ifPresent(p -> pump(p, plan, place).ifPresent(findings::add));
        plan.days().ifPresent(days -> {
            List<Measure> numbers = List.of(
                    new Measure("days", days * 86400, Unit.DAY), new Measure("daily", plan.daily(), Unit.LITRE));
            findings.add(
                    days < SOON
                            ? Finding.of(
                                            TANK,
                                            Severity.CAUTION,
                                            place,
                                            numbers,
                                            List.of(Remedy.change("larger-tank", new Action.GoTo(Stage.AIR))))
                                    .worded("soon")
                            : Finding.of(TANK, Severity.GOOD, place, numbers, List.of()));
        });
        for (Device d : design.devices()) {
            if (mist.get().nozzles().stream().anyMatch(n -> sprays(n.at(), d, design, catalogue))) {
                findings.add(Finding.of(
                        HOT,
                        Severity.STOP,
                        Place.part(Stage.HEAT, d.id()),
                        List.of(new Measure("near", NEAR, Unit.CENTIMETRE)),
                        List.of(Remedy.change("move-nozzle", new Action.GoTo(Stage.AIR)))));
            }
        }
        return findings;
    }

    /** Whether a nozzle at a place sprays on any lamp. */
    public static boolean sprays(Device.Spot nozzle, Design design, Catalogue catalogue) {
        return design.devices().stream().anyMatch(d -> sprays(nozzle, d, design, catalogue));
    }

    private static boolean sprays(Device.Spot nozzle, Device d, Design design, Catalogue catalogue) {
        return catalogue
                .findLamp(d.item())
                .filter(lamp -> distance(nozzle, d.at(), LampShape.half(d, lamp)) < NEAR)
                .filter(lamp -> !isCovered(d, design, catalogue))
                .isPresent();
    }

    /** Whether a lamp hangs above a closed part of the lid, which keeps the spray from it. */
    private static boolean isCovered(Device lamp, Design design, Catalogue catalogue) {
        if (design.vessel().isEmpty() || lamp.at().z().isEmpty()) {
            return false;
        }
        Vessel vessel = Boxes.resolve(design.vessel().get(), catalogue);
        if (lamp.at().z().getAsDouble() <= vessel.height()) {
            return false;
        }
        VesselPlan.Lid lid = design.vessel().get().lid().orElse(VesselPlan.Lid.UNSAID);
        double share = lid.meshFraction()
                .orElseGet(() -> design.vessel()
                        .get()
                        .catalogue()
                        .flatMap(catalogue::findVessel)
                        .map(m -> m.lidMesh())
                        .orElse(1.0));
        double x = lamp.at().x().orElse(vessel.length() / 2);
        double y = lamp.at().y().orElse(vessel.width() / 2);
        return switch (lid.mesh().side().orElse(Envelope.Face.BACK)) {
            case FRONT -> y > share * vessel.width();
            case LEFT -> x > share * vessel.length();
            case RIGHT -> x < (1 - share) * vessel.length();
            default -> y < (1 - share) * vessel.width();
        };
    }

    private static Optional<Finding> pump(MistGear pump, MistPlan plan, Place place) {
        boolean many =
                pump.nozzles().isPresent() && plan.nozzles() > pump.nozzles().getAsDouble();
        boolean much = pump.flow().isPresent() && plan.flow() > pump.flow().getAsDouble() * (1 + 1e-9);
        List<Measure> numbers = List.of(
                new Measure("nozzles", plan.nozzles(), Unit.COUNT),
                new Measure("feeds", pump.nozzles().orElse(plan.nozzles()), Unit.COUNT),
                new Measure("flow", plan.flow(), Unit.MILLILITRE_PER_MINUTE),
                new Measure("gives", pump.flow().orElse(plan.flow()), Unit.MILLILITRE_PER_MINUTE));
        return Optional.of(
                many || much
                        ? Finding.of(
                                PUMP,
                                Severity.STOP,
                                place,
                                numbers,
                                List.of(Remedy.change("larger-pump", new Action.GoTo(Stage.AIR))))
                        : Finding.of(PUMP, Severity.GOOD, place, numbers, List.of()));
    }

    /** From a nozzle to the nearest part of a lamp (m). */
    private static double distance(Device.Spot a, Device.Spot b, LampShape.Half half) {
        if (a.x().isEmpty()
                || a.y().isEmpty()
                || a.z().isEmpty()
                || b.x().isEmpty()
                || b.y().isEmpty()
                || b.z().isEmpty()) {
            return Double.MAX_VALUE;
        }
        double dx = beside(a.x().getAsDouble() - b.x().getAsDouble(), half.alongX() ? half.length() : 0);
        double dy = beside(a.y().getAsDouble() - b.y().getAsDouble(), half.alongX() ? 0 : half.length());
        double dz = a.z().getAsDouble() - b.z().getAsDouble();
        return Math.sqrt(dx * dx + dy * dy + dz * dz);
    }

    private static double beside(double aside, double half) {
        return Math.max(0, Math.abs(aside) - half);
    }
}
