package tanah.core.structure;

import static tanah.core.physics.Constants.WATER_DENSITY;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.design.Dam;
import tanah.core.design.Design;
import tanah.core.design.edit.DamEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.geometry.Point;
import tanah.core.ground.GroundResult;
import tanah.core.ground.WaterVolumes;
import tanah.core.units.Unit;

/** Walls between land and water: land that stands over its wall slides into the water, and foam under water lifts. */
public final class DamRule {
    public static final RuleId LOW = new RuleId("wall.low");
    public static final RuleId LIFTS = new RuleId("wall.lifts");

    private static final double SPILLS = 0.005; // m of soil over the wall, less than a grain or a leaf
    private static final double FREEBOARD = 0.02; // m of wall over the land, common practice
    private static final double BESIDE = 1e-3; // m from the face
    private static final int PLACES = 9; // along each face
    private static final double FOAM = 30; // kg/m³, where the plan says nothing
    private static final double LEAST_LIFT = 0.1; // kg that any bead of silicone holds

    private DamRule() {}

    public static List<Finding> judge(Design design, GroundResult ground) {
        List<Finding> findings = new ArrayList<>();
        for (Dam dam : design.ground().walls()) {
            low(dam, ground).ifPresent(findings::add);
            ground.water().flatMap(w -> lifts(dam, w)).ifPresent(findings::add);
        }
        return findings;
    }

    private static Optional<Finding> low(Dam dam, GroundResult ground) {
        double land = landBeside(dam, ground);
        double over = land - dam.top();
        if (over <= SPILLS) {
            return Optional.empty();
        }
        double top = land + FREEBOARD;
        return Optional.of(Finding.of(
                LOW,
                Severity.CAUTION,
                Place.part(Stage.WATER, dam.id()),
                List.of(new Measure("over", over, Unit.CENTIMETRE), new Measure("top", top, Unit.CENTIMETRE)),
                List.of(Remedy.change(
                        "raise-dam", DamEdit.top(dam.id(), top), new Measure("top", top, Unit.CENTIMETRE)))));
    }

    /** Highest ground that lies against a wall (m). */
    private static double landBeside(Dam dam, GroundResult ground) {
        List<Point> corners = dam.region().outline().corners();
        Point middle = dam.region().outline().centroid();
        double highest = 0;
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % corners.size());
            double length = Math.hypot(b.x() - a.x(), b.y() - a.y());
            for (int k = 0; k < PLACES && length > 0; k++) {
                double t = (k + 0.5) / PLACES;
                double x = a.x() + t * (b.x() - a.x());
                double y = a.y() + t * (b.y() - a.y());
                double nx = (b.y() - a.y()) / length;
                double ny = (a.x() - b.x()) / length;
                double out = nx * (x - middle.x()) + ny * (y - middle.y()) > 0 ? BESIDE : -BESIDE;
                highest = Math.max(highest, ground.terrain().surfaceAt(x + out * nx, y + out * ny));
            }
        }
        return highest;
    }

    /** Archimedes, over what of the wall stands under the level. */
    private static Optional<Finding> lifts(Dam dam, WaterVolumes water) {
        if (!dam.kind().equals("foam")) {
            return Optional.empty();
        }
        double area = dam.region().outline().area();
        double under = area * Math.min(dam.top(), water.level());
        double lift = under * WATER_DENSITY - area * dam.top() * dam.density().orElse(FOAM);
        if (lift <= LEAST_LIFT) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                LIFTS,
                Severity.HINT,
                Place.part(Stage.WATER, dam.id()),
                List.of(new Measure("lift", lift, Unit.KILOGRAM), new Measure("area", area, Unit.SQUARE_CENTIMETRE)),
                List.of(Remedy.byHand("glue-wall"))));
    }
}
