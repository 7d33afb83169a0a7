package tanah.core.mapping;

import static tanah.core.physics.Constants.WATER_DENSITY;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.box.Floor;
import tanah.core.box.Matter;
import tanah.core.box.Sheet;
import tanah.core.box.Tiles;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Plane;
import tanah.core.geometry.Point;
import tanah.core.ground.Basin;
import tanah.core.ground.Cell;
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
    private static final double LITTER_COVER = 0.8; // of a layer of leaves over the soil, common practice
    private static final double SKIN = 0.012; // m that dries first
    private static final double LEAST = 1e-4; // m

    private final Design design;
    private final Vessel vessel;
    private final GroundResult ground;
    private final Tiles tiles;
    private final List<Floor> floor = new ArrayList<>();

    private FloorMap(Design design, Vessel vessel, GroundResult ground) {
        this.design = design;
        this.vessel = vessel;
        this.ground = ground;
        this.tiles = Tiles.of(vessel.length(), vessel.width());
    }

    /** Rectangles that tile the box; where a box is no rectangle its corners count as bare base. */
    static List<Floor> of(Design design, Vessel vessel, GroundResult ground) {
        FloorMap map = new FloorMap(design, vessel, ground);
        map.floor.add(map.bare());
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
                dry());
    }

    private static Floor.Soil dry() {
        return new Floor.Soil(0, 0, SKIN, 0, OptionalDouble.empty(), 0, 0, 0);
    }

    // ---- land

    private void land(Cell cell) {
        for (double[] bounds : rectangles(cell.plan())) {
            floor.add(land(cell, bounds));
        }
    }

    private Floor.Land land(Cell cell, double[] bounds) {
        double x = (bounds[0] + bounds[1]) / 2;
        double y = (bounds[2] + bounds[3]) / 2;
        double level = waterAt(x, y);
        List<Sheet> sheets = new ArrayList<>();
        Under under = new Under();
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
            under.take(layer.get(), soil, thick);
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
                0,
                under.absorptance,
                under.cover,
                under.soil((bounds[1] - bounds[0]) * (bounds[3] - bounds[2]), level));
    }

    /** Height of the water in the pores at a place (m); below everything where there is none. */
    private double waterAt(double x, double y) {
        return ground.water()
                .filter(w -> w.side().contains(x, y))
                .map(WaterVolumes::level)
                .orElse(-1.0);
    }

    /** What the layers of one place say of its water, gathered from the bottom up. */
    private static final class Under {
        private double depth;
        private double capacity;
        private double wet = 1;
        private double cover;
        private double absorptance = 0.85;
        private double reservoir;
        private double voids;

        void take(Layer layer, Optional<Soil> soil, double thick) {
            absorptance = layer.absorptance();
            switch (layer.kind()) {
                case LITTER -> cover = Math.max(cover, LITTER_COVER);
                case SUBSTRATE -> {
                    double held = soil.map(Soil::fieldCapacity).orElse(0.0);
                    capacity = depth + thick > 0 ? (capacity * depth + held * thick) / (depth + thick) : held;
                    depth += thick;
                    wet = layer.wetness();
                    cover = layer.cover();
                }
                case DRAINAGE, FALSE_BOTTOM -> {
                    double open = soil.map(s -> Math.max(0, s.water().saturated() - s.fieldCapacity()))
                            .orElse(layer.options().voidOpen().orElse(0.95));
                    voids = (voids * reservoir + open * thick) / (reservoir + thick);
                    reservoir += thick;
                }
            }
        }

        /** @param area in m²; {@code level}: height of the water in its pores (m) */
        Floor.Soil soil(double area, double level) {
            if (depth <= 0) {
                return dry();
            }
            double standing = WATER_DENSITY * voids * area * Math.max(0, Math.min(reservoir, level));
            return new Floor.Soil(depth, capacity, SKIN, wet, OptionalDouble.empty(), reservoir, voids, standing);
        }
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
        List<Plane> floors = new ArrayList<>();
        for (Cell cell : ground.terrain().cells()) {
            for (ConvexPolygon plan : side.within(cell.plan())) {
                plan.where(Plane.level(level).minus(cell.top())).ifPresent(p -> {
                    wet.add(p);
                    floors.add(cell.top());
                });
            }
        }
        int body = 0;
        for (List<ConvexPolygon> group : Basin.groups(wet)) {
            List<Floor> found = new ArrayList<>();
            for (ConvexPolygon piece : group) {
                Plane bottom = floors.get(wet.indexOf(piece));
                for (double[] b : rectangles(piece)) {
                    double depth = level - bottom.at((b[0] + b[1]) / 2, (b[2] + b[3]) / 2);
                    if (depth > LEAST && tiles.holdsMiddle(b)) {
                        found.add(new Floor.Water(b, level, depth, body));
                    }
                }
            }
            if (!found.isEmpty()) {
                floor.addAll(found);
                body++;
            }
        }
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
