package tanah.core.mapping;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tanah.core.box.Floor;
import tanah.core.box.Matter;
import tanah.core.box.Sheet;
import tanah.core.box.Tiles;
import tanah.core.design.Design;
import tanah.core.design.Envelope;
import tanah.core.design.Layer;
import tanah.core.design.Lining;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Plane;
import tanah.core.geometry.Point;
import tanah.core.ground.Basin;
import tanah.core.ground.Cell;
import tanah.core.ground.Displacement;
import tanah.core.ground.GroundResult;
import tanah.core.ground.Slab;
import tanah.core.ground.Soil;
import tanah.core.ground.WaterVolumes;
import tanah.core.vessel.Vessel;

/**
 * The floor as rectangles of land and water. Every cell of the terrain is one; a cell that is no rectangle is followed by the
 * tiles whose middles lie in it. Water that hangs together is one body.
 */
final class FloorMap {
    private static final double EDGE = 1e-7; // m
    private static final double BARE = 0.005; // m of the bare base
    private static final double LEAST = 1e-4; // m
    private static final double NOTHING = 1e-12; // m³

    private final Design design;
    private final Vessel vessel;
    private final GroundResult ground;
    private final Displacement pieces;
    private final Lining lining;
    private final Tiles tiles;
    private final List<Floor> floor = new ArrayList<>();

    private FloorMap(Design design, Vessel vessel, GroundResult ground) {
        this.design = design;
        this.vessel = vessel;
        this.ground = ground;
        this.pieces = Displacement.of(design);
        this.lining = Lining.of(design, vessel);
        this.tiles = Tiles.of(vessel.length(), vessel.width());
    }

    /** Rectangles that tile the box; where a box is no rectangle its corners count as bare base. */
    static List<Floor> of(Design design, Vessel vessel, GroundResult ground) {
        FloorMap map = new FloorMap(design, vessel, ground);
        map.floor.add(map.bare());
        map.lined();
        ground.terrain().cells().forEach(map::land);
        map.waters();
        return List.copyOf(map.floor);
    }

    private Floor bare() {
        return new Floor.Land(
                new double[] {0, vessel.length() + LEAST, 0, vessel.width() + LEAST},
                List.of(Matter.GLASS.sheet(BARE)),
                0,
                0,
                0,
                0.85,
                0,
                SoilUnder.dry());
    }

    /** Under the backgrounds inside the walls there is their own matter, and neither soil nor water. */
    private void lined() {
        double l = vessel.length() + LEAST;
        double w = vessel.width() + LEAST;
        strip(Envelope.Face.LEFT, lining.left(), new double[] {0, lining.left(), 0, w});
        strip(Envelope.Face.RIGHT, lining.right(), new double[] {vessel.length() - lining.right(), l, 0, w});
        strip(Envelope.Face.FRONT, lining.front(), new double[] {0, l, 0, lining.front()});
        strip(Envelope.Face.BACK, lining.back(), new double[] {0, l, vessel.width() - lining.back(), w});
    }

    private void strip(Envelope.Face face, double thick, double[] bounds) {
        if (thick > LEAST) {
            Sheet sheet =
                    GroundMatter.insulation(sheets(face).get(0).material()).sheet(thick);
            floor.add(new Floor.Land(bounds, List.of(sheet), 0, 0, 0, 0.85, 0, SoilUnder.dry()));
        }
    }

    private List<Envelope.Insulation> sheets(Envelope.Face face) {
        return design.vessel().stream()
                .flatMap(v -> v.envelope().insulation().stream())
                .filter(i -> i.face() == face && i.inside().orElse(false))
                .toList();
    }

    // ---- land

    private void land(Cell cell) {
        Map<Slab, Double> left = new HashMap<>();
        cell.slabs().forEach(s -> left.put(s, left(cell.plan(), s)));
        for (double[] bounds : rectangles(cell.plan())) {
            floor.add(land(cell, bounds, left));
        }
    }

    /** @param left share of each layer that pieces leave of it, over the whole cell */
    private Floor.Land land(Cell cell, double[] bounds, Map<Slab, Double> left) {
        double x = (bounds[0] + bounds[1]) / 2;
        double y = (bounds[2] + bounds[3]) / 2;
        double level = waterAt(x, y);
        List<Sheet> sheets = new ArrayList<>();
        SoilUnder under = new SoilUnder();
        for (Slab slab : cell.slabs()) {
            double thick = slab.depth().at(x, y);
            Optional<Layer> layer = design.ground().layer(slab.layer());
            if (thick <= LEAST) {
                continue;
            }
            double low = slab.lower().at(x, y);
            if (layer.isEmpty()) {
                design.ground().wallAt(new Point(x, y)).ifPresent(d -> sheets.add(GroundMatter.wall(d, thick)));
                continue;
            }
            boolean wet = low + thick / 2 < level;
            Optional<Soil> soil = ground.soil(slab.layer());
            sheets.add(
                    layer.get().is(Layer.Kind.LITTER)
                            ? Matter.LITTER.sheet(thick)
                            : GroundMatter.layer(layer.get(), soil, thick, wet));
            under.take(layer.get(), soil, thick, left.get(slab));
        }
        if (sheets.isEmpty()) {
            sheets.add(Matter.GLASS.sheet(BARE));
        }
        Collections.reverse(sheets);
        return new Floor.Land(
                bounds,
                sheets,
                cell.top().alongX(),
                cell.top().alongY(),
                lining.bottom(),
                under.absorptance(),
                under.cover(),
                under.soil((bounds[1] - bounds[0]) * (bounds[3] - bounds[2]), level - lining.bottom()));
    }

    /** Share of a layer that pieces leave of it in a part of the floor. */
    private double left(ConvexPolygon part, Slab slab) {
        double bulk = part.integral(slab.upper()) - part.integral(slab.lower());
        return bulk > NOTHING ? Math.max(0, 1 - pieces.ofSlab(part, slab, Double.MAX_VALUE) / bulk) : 1;
    }

    /** Height of the water in the pores at a place (m); below everything where there is none. */
    private double waterAt(double x, double y) {
        return ground.water()
                .filter(w -> w.side().contains(x, y))
                .map(WaterVolumes::level)
                .orElse(-1.0);
    }

    // ---- water

    private void waters() {
        Optional<WaterVolumes> water = ground.water();
        if (water.isEmpty()) {
            return;
        }
        double level = water.get().level();
        Basin side = water.get().side();
        List<ConvexPolygon> wet = new ArrayList<>();
        List<Cell> floors = new ArrayList<>();
        for (Cell cell : ground.terrain().cells()) {
            for (ConvexPolygon plan : side.within(cell.plan())) {
                plan.where(Plane.level(level).minus(cell.top())).ifPresent(p -> {
                    wet.add(p);
                    floors.add(cell);
                });
            }
        }
        int body = 0;
        for (List<ConvexPolygon> group : Basin.groups(wet)) {
            List<Floor> found = new ArrayList<>();
            for (ConvexPolygon piece : group) {
                Cell under = floors.get(wet.indexOf(piece));
                double left = left(piece, under, level);
                for (double[] b : rectangles(piece)) {
                    double depth = level - under.top().at((b[0] + b[1]) / 2, (b[2] + b[3]) / 2);
                    if (depth > LEAST && tiles.holdsMiddle(b)) {
                        found.add(new Floor.Water(b, level, depth * left, body));
                    }
                }
            }
            if (!found.isEmpty()) {
                floor.addAll(found);
                body++;
            }
        }
    }

    /** Share of the water over a piece of floor that pieces leave of it. */
    private double left(ConvexPolygon wet, Cell under, double level) {
        double room = wet.roomBelow(under.top(), level);
        return room > NOTHING ? Math.max(0, 1 - pieces.ofWater(wet, under, level) / room) : 1;
    }

    // ---- shapes

    /** The polygon itself if it is a rectangle, else runs of tiles whose middles lie in it. */
    private List<double[]> rectangles(ConvexPolygon plan) {
        double x0 = Double.MAX_VALUE;
        double x1 = -Double.MAX_VALUE;
        double y0 = Double.MAX_VALUE;
        double y1 = -Double.MAX_VALUE;
        for (Point p : plan.corners()) {
            x0 = Math.min(x0, p.x());
            x1 = Math.max(x1, p.x());
            y0 = Math.min(y0, p.y());
            y1 = Math.max(y1, p.y());
        }
        if (Math.abs(plan.area() - (x1 - x0) * (y1 - y0)) < EDGE) {
            return List.of(new double[] {x0, x1, y0, y1});
        }
        List<double[]> runs = new ArrayList<>();
        for (int i = 0; i < tiles.along(); i++) {
            int from = -1;
            for (int j = 0; j <= tiles.deep(); j++) {
                boolean in = j < tiles.deep() && plan.contains(tiles.x(i), tiles.y(j));
                if (in && from < 0) {
                    from = j;
                } else if (!in && from >= 0) {
                    runs.add(tiles.run(i, from, j));
                    from = -1;
                }
            }
        }
        return runs;
    }
}
