package tanah.core.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.design.Ground;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Plane;
import tanah.core.geometry.Point;
import tanah.core.units.Resolution;
import tanah.core.units.Unit;
import tanah.core.vessel.Vessel;

/** Ground above the rim anywhere, or above the front lip at the front, where it spills out of the door. */
public final class RimRule {
    public static final RuleId ID = new RuleId("GW-011");
    private static final double FRONT_STRIP = 0.01; // m behind the front pane that counts as the front

    private RimRule() {}

    public static Optional<Finding> judge(Ground ground, GroundResult result, Vessel vessel) {
        if (result.layers().stream().noneMatch(l -> l.shape().exists())) {
            return Optional.empty();
        }
        double over = result.surfaceMax() - vessel.rim();
        if (!Resolution.LENGTH.atMost(result.surfaceMax(), vessel.rim())) {
            return Optional.of(stop(ground, result, "rim", result.surfaceMax(), vessel.rim(), over));
        }
        double front = frontHeight(result.terrain());
        double lip = vessel.groundLimit();
        if (!Resolution.LENGTH.atMost(front, lip)) {
            return Optional.of(stop(ground, result, "lip", front, lip, front - lip));
        }
        boolean hasLip = vessel.frontDam().isPresent();
        double height = hasLip ? front : result.surfaceMax();
        double limit = hasLip ? lip : vessel.rim();
        return Optional.of(Finding.of(
                        ID,
                        Severity.GOOD,
                        Place.of(Stage.GROUND),
                        List.of(length("height", height), length("limit", limit), length("margin", limit - height)),
                        List.of())
                .worded(hasLip ? "lip" : "rim"));
    }

    /** Highest ground within the front strip (m). */
    public static double frontHeight(Terrain terrain) {
        Plane behind = new Plane(FRONT_STRIP, 0, -1);
        double highest = 0;
        for (Cell cell : terrain.cells()) {
            Optional<ConvexPolygon> strip =
                    cell.dam() ? Optional.empty() : cell.plan().where(behind);
            if (strip.isPresent()) {
                for (Point p : strip.get().corners()) {
                    if (p.y() < FRONT_STRIP / 2) {
                        highest = Math.max(highest, cell.top().at(p));
                    }
                }
            }
        }
        return highest;
    }

    private static Finding stop(
            Ground ground, GroundResult result, String variant, double height, double limit, double over) {
        List<Remedy> remedies = new ArrayList<>();
        Lowering.by(ground, result, over).ifPresent(remedies::add);
        remedies.add(Remedy.change("choose-larger-vessel", new Action.GoTo(Stage.VESSEL)));
        return Finding.of(
                        ID,
                        Severity.STOP,
                        Place.of(Stage.GROUND),
                        List.of(length("height", height), length("limit", limit), length("over", over)),
                        remedies)
                .worded(variant);
    }

    private static Measure length(String name, double metres) {
        return new Measure(name, metres, Unit.CENTIMETRE);
    }
}
