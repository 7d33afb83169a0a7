package tanah.core.ground;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Plane;
import tanah.core.geometry.Point;

/**
 * Water at a level: free above the ground, and in the pores of what stands below the level.
 *
 * @param level     above the inner base (m)
 * @param free      free water, less what hardscape displaces (m³)
 * @param pore      water in pores below the level (m³)
 * @param drainable part of it that a siphon gets back (m³)
 * @param displaced by hardscape (m³)
 * @param surface   area of open water (m²)
 * @param depthMin  of open water (m)
 * @param depthMax  of open water (m)
 * @param depthMean of open water (m), nothing displaced
 * @param side      where the water may stand
 */
public record WaterVolumes(
        double level,
        double free,
        double pore,
        double drainable,
        double displaced,
        double surface,
        double depthMin,
        double depthMax,
        double depthMean,
        Basin side) {
    private static final double NOTHING = 1e-10; // m³
    private static final int STEPS = 80;

    /** Free water and what stands in pores (m³): what a first fill takes. */
    public double total() {
        return free + pore;
    }

    /** Water that comes and goes with the level (m³): what a change can reach. */
    public double turnsOver() {
        return free + drainable;
    }

    /**
     * Volumes below a level.
     *
     * @param side   where the water may stand
     * @param pieces things that stand in ground and water
     */
    public static WaterVolumes at(
            Terrain terrain, List<LayerResult> layers, double level, Basin side, Displacement pieces) {
        double gross = 0;
        double displaced = 0;
        double pore = 0;
        double drainable = 0;
        double surface = 0;
        double least = Double.MAX_VALUE;
        double most = 0;
        for (Cell cell : terrain.cells()) {
            for (ConvexPolygon plan : side.within(cell.plan())) {
                double free = plan.roomBelow(cell.top(), level);
                gross += free;
                displaced += pieces.ofWater(plan, cell, level);
                if (free > NOTHING) {
                    Plane depth = Plane.level(level).minus(cell.top());
                    ConvexPolygon wet = plan.where(depth).orElseThrow();
                    surface += wet.area();
                    for (Point p : wet.corners()) {
                        least = Math.min(least, Math.max(0, depth.at(p)));
                        most = Math.max(most, depth.at(p));
                    }
                }
                for (Slab slab : cell.slabs()) {
                    double bulk = plan.roomBelow(slab.lower(), level)
                            - plan.roomBelow(slab.upper(), level)
                            - pieces.ofSlab(plan, slab, level);
                    Optional<LayerResult> layer = layer(layers, slab.layer());
                    pore += bulk * layer.map(LayerResult::poreShare).orElse(0.0);
                    drainable += bulk * layer.map(LayerResult::drainable).orElse(0.0);
                }
            }
        }
        displaced = Math.min(gross, displaced);
        return new WaterVolumes(
                level,
                gross - displaced,
                pore,
                drainable,
                displaced,
                surface,
                surface > 0 ? least : 0,
                most,
                surface > 0 ? gross / surface : 0,
                side);
    }

    /**
     * Level that an amount of water reaches (m); empty if it does not fit under the height.
     *
     * @param freeOnly whether the amount is the free water; otherwise what soaks in counts as well
     */
    public static OptionalDouble level(
            Terrain terrain,
            List<LayerResult> layers,
            double volume,
            boolean freeOnly,
            double height,
            Basin side,
            Displacement pieces) {
        if (amount(at(terrain, layers, height, side, pieces), freeOnly) < volume) {
            return OptionalDouble.empty();
        }
        double low = 0;
        double high = height;
        for (int i = 0; i < STEPS; i++) {
            double middle = (low + high) / 2;
            if (amount(at(terrain, layers, middle, side, pieces), freeOnly) < volume) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return OptionalDouble.of((low + high) / 2);
    }

    private static double amount(WaterVolumes water, boolean freeOnly) {
        return freeOnly ? water.free() : water.total();
    }

    private static Optional<LayerResult> layer(List<LayerResult> layers, String id) {
        return layers.stream().filter(l -> l.id().equals(id)).findFirst();
    }
}
