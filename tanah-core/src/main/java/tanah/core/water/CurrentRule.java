package tanah.core.water;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Species;
import tanah.core.design.Device;
import tanah.core.design.edit.DeviceEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;
import tanah.core.ground.Cell;
import tanah.core.ground.GroundResult;
import tanah.core.ground.WaterVolumes;
import tanah.core.units.Unit;

/** Current against the animal: what a jet still has in the middle of the water. */
public final class CurrentRule {
    public static final RuleId CURRENT = new RuleId("GW-081");
    private static final double SLOW = 0.05; // m/s, poor swimmers; common practice
    private static final double MODERATE = 0.15; // m/s, good swimmers; common practice
    private static final double LEAST_SURFACE = 1e-4; // m²
    private static final int MOST_OUTLETS = 60;

    private CurrentRule() {}

    public static List<Finding> judge(Inhabitant animal, GroundResult ground, Circulation water) {
        List<Finding> findings = new ArrayList<>();
        if (!entersWater(animal.profile())) {
            return findings;
        }
        for (Run run : water.runs()) {
            if (run.hasJet()) {
                findings.add(current(animal, run, distance(run.device(), ground)));
            }
        }
        return findings;
    }

    static boolean entersWater(Species s) {
        return s.optional("water_depth_max_cm").orElse(0) > 0;
    }

    /** What the animal bears at its resting place (m/s). */
    public static double limit(Species s) {
        OptionalDouble own = s.optional("current_max_cm_s");
        if (own.isPresent()) {
            return own.getAsDouble() / 100;
        }
        return s.text("swims").equals("good") ? MODERATE : SLOW;
    }

    /** From an outlet to the middle of the open water (m). */
    private static double distance(Device device, GroundResult ground) {
        WaterVolumes w = ground.water().orElseThrow();
        double half = Math.sqrt(Math.max(LEAST_SURFACE, w.surface()) / Math.PI);
        if (device.at().x().isEmpty() || device.at().y().isEmpty()) {
            return half;
        }
        double volume = 0;
        double x = 0;
        double y = 0;
        for (Cell cell : ground.terrain().cells()) {
            for (ConvexPolygon plan : w.side().within(cell.plan())) {
                double free = plan.roomBelow(cell.top(), w.level());
                Point middle = plan.centroid();
                volume += free;
                x += free * middle.x();
                y += free * middle.y();
            }
        }
        if (volume <= 0) {
            return half;
        }
        double away = Math.hypot(
                device.at().x().getAsDouble() - x / volume, device.at().y().getAsDouble() - y / volume);
        // right in the middle there is still water to all sides
        return Math.max(half / 2, away);
    }

    private static Finding current(Inhabitant animal, Run run, double distance) {
        double limit = limit(animal.profile());
        double flow = run.flow().orElse(0);
        double speed = OpenFlow.jetSpeed(flow, run.outlets(), run.outletBore(), distance);
        Place place = Place.part(Stage.WATER, run.device().id());
        List<Measure> numbers = List.of(
                new Measure("speed", speed, Unit.CENTIMETRE_PER_SECOND),
                new Measure("limit", limit, Unit.CENTIMETRE_PER_SECOND),
                WaterRules.length("distance", distance));
        String name = animal.row().scientificName();
        if (speed <= limit) {
            return Finding.of(CURRENT, Severity.GOOD, place, numbers, List.of()).worded("", name);
        }
        List<Remedy> remedies = new ArrayList<>();
        outlets(run, distance, limit)
                .ifPresent(n -> remedies.add(Remedy.change(
                        "spray-bar", DeviceEdit.outlets(run.device().id(), n), new Measure("count", n, Unit.COUNT))));
        remedies.add(Remedy.byHand("break-current"));
        return Finding.of(CURRENT, speed > 2 * limit ? Severity.STOP : Severity.CAUTION, place, numbers, remedies)
                .worded("", name);
    }

    /** Openings of the same bore that bring the jet down to the limit. */
    private static Optional<Integer> outlets(Run run, double distance, double limit) {
        for (int n = run.outlets() + 1; n <= MOST_OUTLETS; n++) {
            if (OpenFlow.jetSpeed(run.flow().orElse(0), n, run.outletBore(), distance) <= limit) {
                return Optional.of(n);
            }
        }
        return Optional.empty();
    }
}
