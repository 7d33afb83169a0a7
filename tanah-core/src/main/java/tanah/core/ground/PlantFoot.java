package tanah.core.ground;

import java.util.OptionalDouble;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.plant.RootPlace;

/** How high a plant stands that nobody measured. */
public final class PlantFoot {
    private static final double CLOSE = 0.02; // m, what lies so near over the ground leaves no room to plant

    private PlantFoot() {}

    /** Height over the base (m): on the ground, on the face of the water, or on the highest piece there. */
    public static double at(Design design, GroundResult ground, RootPlace on, double x, double y) {
        double surface = ground.terrain().surfaceAt(x, y);
        return switch (on) {
            case SOIL, UNDERWATER -> surface;
            case WATER_SURFACE ->
                ground.water()
                        .filter(w -> w.side().contains(x, y))
                        .map(w -> Math.max(surface, w.level()))
                        .orElse(surface);
            case MOUNT, MOSS_WALL -> topAt(design, x, y).orElse(surface);
        };
    }

    /** Top of the highest piece of hardscape at a place (m); empty where none stands. */
    public static OptionalDouble topAt(Design design, double x, double y) {
        return design.hardscape().stream()
                .filter(h -> stands(h, x, y))
                .mapToDouble(h -> h.base() + h.height())
                .max();
    }

    /** Whether a piece lies on the ground at a place (m over the base) or in it, so that nothing can be planted there. */
    public static boolean isCovered(Design design, double x, double y, double surface) {
        return design.hardscape().stream().anyMatch(h -> covers(h, surface) && stands(h, x, y));
    }

    /** Whether a piece reaches down to the ground and over it; one that hangs higher leaves room to plant. */
    public static boolean covers(HardscapeItem piece, double surface) {
        return piece.base() <= surface + CLOSE && piece.base() + piece.height() > surface;
    }

    /** Underside of the lowest piece that hangs over a place above a height (m); empty where none does. */
    public static OptionalDouble undersideAbove(Design design, double x, double y, double z) {
        return design.hardscape().stream()
                .filter(h -> h.base() > z + CLOSE && stands(h, x, y))
                .mapToDouble(HardscapeItem::base)
                .min();
    }

    /** Whether a piece stands over a place. */
    public static boolean stands(HardscapeItem piece, double x, double y) {
        return ConvexPolygon.contains(piece.outline(), x, y);
    }
}
