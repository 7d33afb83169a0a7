package tanah.core.ground;

import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.design.Design;
import tanah.core.design.Layer;

/** Water in the ground at a place, as the plan keeps it. */
public final class SoilMoisture {
    private SoilMoisture() {}

    /**
     * Share of the volume that is water: under the level of the water every pore, over it what the soil holds at field capacity, as damp as
     * it is to be kept. Empty where no layer is, or one of which nothing is known.
     *
     * @param x m from the left
     * @param y m from the front
     * @param z m over the base
     */
    public static OptionalDouble at(Design design, GroundResult ground, double x, double y, double z) {
        for (Cell cell : ground.terrain().cells()) {
            if (!cell.plan().contains(x, y)) {
                continue;
            }
            for (Slab slab : cell.slabs()) {
                if (z >= slab.lower().at(x, y) && z < slab.upper().at(x, y)) {
                    return of(design, ground, slab.layer(), x, y, z);
                }
            }
        }
        return OptionalDouble.empty();
    }

    private static OptionalDouble of(Design design, GroundResult ground, String id, double x, double y, double z) {
        Optional<Layer> layer = design.ground().layer(id);
        Optional<Soil> soil = ground.soil(id);
        if (layer.isEmpty() || soil.isEmpty()) {
            return OptionalDouble.empty();
        }
        boolean under = ground.water()
                .filter(w -> w.side().contains(x, y) && z < w.level())
                .isPresent();
        return OptionalDouble.of(
                under
                        ? soil.get().water().saturated()
                        : soil.get().fieldCapacity() * layer.get().wetness());
    }
}
