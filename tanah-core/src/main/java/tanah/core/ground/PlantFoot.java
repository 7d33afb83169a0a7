package tanah.core.ground;

import java.util.OptionalDouble;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.plant.RootPlace;

/** How high a plant stands that nobody measured. */
public final class PlantFoot {
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

    /** Whether a piece stands over a place. */
    public static boolean stands(HardscapeItem piece, double x, double y) {
        return new ConvexPolygon(piece.outline()).contains(x, y);
    }
}
