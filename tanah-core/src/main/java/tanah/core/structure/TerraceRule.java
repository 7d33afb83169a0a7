package tanah.core.structure;

import static tanah.core.physics.Constants.WATER_DENSITY;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import tanah.core.design.Dam;
import tanah.core.design.Design;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.geometry.Point;
import tanah.core.ground.Cell;
import tanah.core.ground.GroundResult;
import tanah.core.ground.LayerResult;
import tanah.core.ground.Soil;
import tanah.core.units.Unit;

/** Loose stones that hold back a step of soil, by Rankine's thrust and the tipping of a gravity wall. */
public final class TerraceRule {
    public static final RuleId ID = new RuleId("GW-013");
    private static final double STONE = 2600; // kg/m³, where the plan says nothing
    private static final double GAPS = 0.25; // dry stone, common practice
    private static final double BESIDE = 1e-3; // m from the face
    private static final double LOW = 0.02; // m, a step that stands by itself

    private TerraceRule() {}

    public static List<Finding> judge(Design design, GroundResult ground) {
        List<Finding> findings = new ArrayList<>();
        for (Dam dam : design.ground().dams()) {
            if (dam.kind().equals("stones")) {
                wall(dam, ground).ifPresent(findings::add);
            }
        }
        return findings;
    }

    /** What a wall holds across one direction of its plan. */
    private record Held(double step, double drawn, double needed) {
        private double lacks() {
            return needed - drawn;
        }
    }

    /** The direction in which it lacks most: a wall holds soil square to any of its faces. */
    private static Optional<Finding> wall(Dam dam, GroundResult ground) {
        List<Point> corners = dam.region().outline().corners();
        List<Held> held = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            Point from = corners.get(i);
            Point to = corners.get((i + 1) % corners.size());
            double length = Math.hypot(to.x() - from.x(), to.y() - from.y());
            if (length > 0) {
                across(dam, ground, (to.y() - from.y()) / length, (from.x() - to.x()) / length)
                        .ifPresent(held::add);
            }
        }
        return held.stream().max(Comparator.comparingDouble(Held::lacks)).map(h -> finding(dam, h));
    }

    private static Optional<Held> across(Dam dam, GroundResult ground, double nx, double ny) {
        Point middle = dam.region().outline().centroid();
        double near = 0;
        double far = 0;
        for (Point p : dam.region().outline().corners()) {
            double along = (p.x() - middle.x()) * nx + (p.y() - middle.y()) * ny;
            near = Math.min(near, along);
            far = Math.max(far, along);
        }
        Point before = beside(middle, nx, ny, near - BESIDE);
        Point behind = beside(middle, nx, ny, far + BESIDE);
        if (!inside(ground, before) || !inside(ground, behind)) {
            return Optional.empty();
        }
        double rise = ground.terrain().surfaceAt(behind.x(), behind.y())
                - ground.terrain().surfaceAt(before.x(), before.y());
        double step = Math.abs(rise);
        double drawn = far - near;
        return step < LOW
                ? Optional.empty()
                : soilAt(ground, rise > 0 ? behind : before).map(s -> new Held(step, drawn, needed(dam, s, step)));
    }

    private static Point beside(Point middle, double nx, double ny, double by) {
        return new Point(middle.x() + by * nx, middle.y() + by * ny);
    }

    private static boolean inside(GroundResult ground, Point p) {
        return ground.terrain().cells().stream().anyMatch(c -> c.plan().contains(p.x(), p.y()));
    }

    private static double needed(Dam dam, Soil soil, double step) {
        double wet = soil.dryDensity() + WATER_DENSITY * soil.fieldCapacity();
        return new RetainingWall(step, wet, soil.repose(), dam.density().orElse(STONE), GAPS, 0).leastThickness();
    }

    private static Finding finding(Dam dam, Held held) {
        boolean thick = held.lacks() <= 0;
        List<Measure> numbers = List.of(
                new Measure("thickness", held.drawn(), Unit.CENTIMETRE),
                new Measure("needs", held.needed(), Unit.CENTIMETRE),
                new Measure("step", held.step(), Unit.CENTIMETRE));
        return Finding.of(
                        ID,
                        thick ? Severity.GOOD : Severity.CAUTION,
                        Place.part(Stage.WATER, dam.id()),
                        numbers,
                        thick ? List.of() : List.of(Remedy.change("thicken-wall", new Action.GoTo(Stage.WATER))))
                .worded("", dam.id());
    }

    /** The soil that the wall holds: the top layer of ground beside it. */
    private static Optional<Soil> soilAt(GroundResult ground, Point at) {
        for (Cell cell : ground.terrain().cells()) {
            if (!cell.dam() && !cell.slabs().isEmpty() && cell.plan().contains(at.x(), at.y())) {
                for (int i = cell.slabs().size() - 1; i >= 0; i--) {
                    Optional<Soil> soil =
                            ground.soil(cell.slabs().get(i).layer()).filter(s -> s.repose() > 0);
                    if (soil.isPresent() && exists(ground, cell.slabs().get(i).layer())) {
                        return soil;
                    }
                }
            }
        }
        return Optional.empty();
    }

    private static boolean exists(GroundResult ground, String layer) {
        return ground.layer(layer)
                .map(LayerResult::shape)
                .filter(LayerResult.Shape::exists)
                .isPresent();
    }
}
