package tanah.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.design.Dam;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Layer;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Plane;
import tanah.core.geometry.Point;
import tanah.core.ground.Basin;
import tanah.core.ground.Cell;
import tanah.core.ground.GroundResult;
import tanah.core.ground.MeshRule;
import tanah.core.ground.Slab;
import tanah.core.ground.WaterVolumes;
import tanah.core.scene.Scene.Area;
import tanah.core.scene.Scene.Texture;

/**
 * What a vertical cut along the box meets.
 *
 * @param design cut
 * @param length of the box (m)
 * @param ground computed
 * @param cut    distance from the front (m)
 */
record Section(Design design, double length, GroundResult ground, double cut) {
    private static final double THIN = 1e-6;

    /** Layers and walls. */
    List<Area> layers() {
        List<Area> areas = new ArrayList<>();
        for (Layer layer : design.ground().layers()) {
            for (Cell cell : ground.terrain().cells()) {
                Optional<Slab> slab = cell.slab(layer.id());
                if (slab.isPresent()) {
                    trapezoid(cell, slab.get().lower(), slab.get().upper())
                            .ifPresent(p -> areas.add(new Area(layer.id(), Textures.of(layer, ground), p)));
                }
            }
        }
        for (Cell cell : ground.terrain().cells()) {
            if (cell.dam()) {
                design.ground()
                        .wallAt(cell.plan().centroid())
                        .ifPresent(d -> trapezoid(cell, cell.slabs().get(0).lower(), cell.top())
                                .ifPresent(p -> areas.add(new Area(d.id(), damTexture(d), p))));
            }
        }
        return areas;
    }

    static Texture damTexture(Dam dam) {
        return switch (dam.kind()) {
            case "stones" -> Texture.ROCK;
            case "wood" -> Texture.WOOD;
            default -> Texture.FOAM;
        };
    }

    /** Water that the cut passes, up to a level (m). */
    List<Area> water(double level) {
        List<Area> areas = new ArrayList<>();
        Basin side = ground.water().map(WaterVolumes::side).orElse(Basin.EVERYWHERE);
        for (Cell cell : ground.terrain().cells()) {
            for (ConvexPolygon plan : side.within(cell.plan())) {
                Optional<ConvexPolygon> wet = plan.where(Plane.level(level).minus(cell.top()));
                if (wet.isEmpty()) {
                    continue;
                }
                Cell piece = new Cell(wet.get(), List.of(), cell.top(), false);
                trapezoid(piece, cell.top(), Plane.level(level))
                        .ifPresent(p -> areas.add(new Area("water", Texture.WATER, p)));
            }
        }
        return areas;
    }

    /** Corners of what the cut sees of a cell between two planes, if it passes through the cell. */
    private Optional<List<Point>> trapezoid(Cell cell, Plane lower, Plane upper) {
        double from = Double.MAX_VALUE;
        double to = -Double.MAX_VALUE;
        List<Point> corners = cell.plan().corners();
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % corners.size());
            if ((a.y() <= cut && b.y() >= cut) || (a.y() >= cut && b.y() <= cut)) {
                double t = Math.abs(b.y() - a.y()) < 1e-12 ? 0 : (cut - a.y()) / (b.y() - a.y());
                double x = a.x() + t * (b.x() - a.x());
                from = Math.min(from, x);
                to = Math.max(to, x);
            }
        }
        if (!(to - from > THIN)) {
            return Optional.empty();
        }
        return Optional.of(List.of(
                new Point(from, lower.at(from, cut)),
                new Point(to, lower.at(to, cut)),
                new Point(to, upper.at(to, cut)),
                new Point(from, upper.at(from, cut))));
    }

    /** Hardscape that the cut passes, as wide as its box is there. */
    List<Area> solids() {
        List<Area> areas = new ArrayList<>();
        for (HardscapeItem item : design.hardscape()) {
            Cell cell = new Cell(new ConvexPolygon(item.outline()), List.of(), Plane.FLOOR, false);
            trapezoid(cell, Plane.level(item.base()), Plane.level(item.base() + item.height()))
                    .ifPresent(p -> areas.add(
                            PieceAreas.front(item, p.get(0).x(), p.get(1).x())));
        }
        return areas;
    }

    /** The separator over the drainage. */
    List<Scene.Line> barriers() {
        Optional<Layer> over = MeshRule.layerOnDrainage(design.ground().layers(), ground)
                .filter(l -> l.options().hasMesh());
        if (over.isEmpty()) {
            return List.of();
        }
        List<Scene.Line> lines = new ArrayList<>();
        for (Cell cell : ground.terrain().cells()) {
            Optional<Slab> slab = cell.slab(over.get().id());
            if (slab.isPresent()) {
                trapezoid(cell, slab.get().lower(), slab.get().lower())
                        .ifPresent(p -> lines.add(new Scene.Line(over.get().id(), List.of(p.get(0), p.get(1)))));
            }
        }
        return lines;
    }

    /** One stratum for each layer that the cut meets: the widest piece carries the label. */
    List<Scene.Stratum> strata() {
        List<Scene.Stratum> strata = new ArrayList<>();
        List<Area> areas = layers();
        for (Layer layer : design.ground().layers()) {
            Area widest = null;
            Area leftmost = null;
            for (Area area : areas) {
                if (area.part().equals(layer.id())) {
                    widest = widest == null || span(area) > span(widest) ? area : widest;
                    leftmost = leftmost == null
                                    || area.points().get(0).x()
                                            < leftmost.points().get(0).x()
                            ? area
                            : leftmost;
                }
            }
            if (widest != null && leftmost != null) {
                strata.add(stratum(layer.id(), widest, leftmost));
            }
        }
        return strata;
    }

    private Scene.Stratum stratum(String id, Area widest, Area leftmost) {
        List<Point> p = widest.points();
        double x = p.get(0).x() + Math.min(0.04, span(widest) / 3);
        boolean right =
                (p.get(0).x() + p.get(1).x()) / 2 > length / 2 && p.get(0).x() > length * 0.2;
        if (right) {
            x = p.get(1).x() - Math.min(0.04, span(widest) / 3);
        }
        double t = (x - p.get(0).x()) / span(widest);
        double low = p.get(0).y() + t * (p.get(1).y() - p.get(0).y());
        double high = p.get(3).y() + t * (p.get(2).y() - p.get(3).y());
        return new Scene.Stratum(
                id,
                x,
                (low + high) / 2,
                leftmost.points().get(3).y(),
                leftmost.points().get(0).y());
    }

    private static double span(Area area) {
        return area.points().get(1).x() - area.points().get(0).x();
    }
}
