package tanah.core.ground;

import java.util.List;
import java.util.Optional;
import tanah.core.geometry.ConvexPolygon;

/**
 * Water at a level: free above the ground, and in the pores of what stands below the level. Needed here for masses and
 * for the drawing; the rules of the water stage are not judged yet.
 *
 * @param level    above the inner base (m)
 * @param free     free water, less what hardscape displaces (m³)
 * @param pore     water in pores below the level (m³)
 * @param surface  area of open water (m²)
 */
public record WaterVolumes(double level, double free, double pore, double surface) {

    /**
     * Solid things in the water.
     *
     * @param volume m³
     * @param base underside (m)
     * @param height (m)
     */
    public record Body(double volume, double base, double height) {
        double below(double level) {
            double share = Math.max(0, Math.min(1, (level - base) / height));
            return volume * share;
        }
    }

    /**
     * Volumes below a level.
     *
     * @param side   where the water may stand, or everywhere
     * @param bodies things standing in the water
     */
    public static WaterVolumes at(
            Terrain terrain, List<LayerResult> layers, double level, Optional<ConvexPolygon> side, List<Body> bodies) {
        double gross = 0;
        double pore = 0;
        double surface = 0;
        for (Cell cell : terrain.cells()) {
            Optional<ConvexPolygon> here =
                    side.isEmpty() ? Optional.of(cell.plan()) : cell.plan().intersect(side.get());
            if (here.isEmpty()) {
                continue;
            }
            ConvexPolygon plan = here.get();
            double free = plan.roomBelow(cell.top(), level);
            gross += free;
            if (free > 1e-10) {
                surface += plan.where(tanah.core.geometry.Plane.level(level).minus(cell.top()))
                        .map(ConvexPolygon::area)
                        .orElse(0.0);
            }
            for (Slab slab : cell.slabs()) {
                pore += (plan.roomBelow(slab.lower(), level) - plan.roomBelow(slab.upper(), level))
                        * poreShare(layers, slab.layer());
            }
        }
        double displaced = bodies.stream().mapToDouble(b -> b.below(level)).sum();
        return new WaterVolumes(level, Math.max(0, gross - displaced), pore, surface);
    }

    private static double poreShare(List<LayerResult> layers, String id) {
        return layers.stream()
                .filter(l -> l.id().equals(id))
                .mapToDouble(LayerResult::poreShare)
                .findFirst()
                .orElse(0);
    }
}
