package tanah.core.planting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.ground.Cell;
import tanah.core.ground.GroundResult;
import tanah.core.ground.Slab;
import tanah.core.ground.Soil;
import tanah.core.ground.SoilMoisture;
import tanah.core.ground.WaterVolumes;
import tanah.core.plant.Plant;

/**
 * The ground at a place as roots meet it.
 *
 * @param surface    height of the ground (m)
 * @param depth      of soil without a break (m); 0 where none lies
 * @param moisture   water over field capacity where most roots are
 * @param ph         of the soil, middle of its media
 * @param lime       whether lime is in the soil
 * @param flood      0 drained, 2 saturated for weeks, 3 under standing water
 * @param floodDepth water over the ground (m)
 */
record SoilAt(
        double surface,
        double depth,
        OptionalDouble moisture,
        OptionalDouble ph,
        Optional<Boolean> lime,
        OptionalInt flood,
        double floodDepth) {
    private static final double ROOTS =
            0.03; // m under the surface, where most roots of small plants are; common practice
    private static final double SOAKED = 0.99; // of the pores

    static SoilAt of(Design design, GroundResult ground, double x, double y) {
        double surface = ground.terrain().surfaceAt(x, y);
        List<Slab> roots = rooted(design, ground, x, y);
        double bottom =
                roots.isEmpty() ? surface : roots.get(roots.size() - 1).lower().at(x, y);
        double depth = Math.max(0, roots.isEmpty() ? 0 : roots.get(0).upper().at(x, y) - bottom);
        Optional<WaterVolumes> over = ground.water().filter(w -> w.side().contains(x, y) && w.level() > surface);
        double flooded = over.map(w -> w.level() - surface).orElse(0.0);
        Optional<Soil> soil = roots.stream().findFirst().flatMap(s -> ground.soil(s.layer()));
        OptionalDouble moisture = moisture(design, ground, soil, x, y, surface, depth);
        return new SoilAt(
                surface,
                depth,
                moisture,
                soil.map(SoilAt::ph).orElse(OptionalDouble.empty()),
                soil.map(s -> s.parts().stream().anyMatch(p -> p.medium().lime())),
                OptionalInt.of(flooded > 0 ? 3 : isSoaked(design, ground, soil, x, y, surface) ? 2 : 0),
                flooded);
    }

    /** Soil from the surface down, as far as nothing else lies between; litter over it does not count. */
    private static List<Slab> rooted(Design design, GroundResult ground, double x, double y) {
        List<Slab> found = new ArrayList<>();
        for (Cell cell : ground.terrain().cells()) {
            if (!cell.plan().contains(x, y) || cell.dam() || !found.isEmpty()) {
                continue;
            }
            for (int i = cell.slabs().size() - 1; i >= 0; i--) {
                Slab slab = cell.slabs().get(i);
                Optional<Layer> layer = design.ground().layer(slab.layer());
                if (layer.filter(l -> l.is(Layer.Kind.SUBSTRATE)).isPresent()) {
                    found.add(slab);
                } else if (!found.isEmpty()
                        || layer.filter(l -> l.is(Layer.Kind.LITTER)).isEmpty()) {
                    break;
                }
            }
        }
        return found;
    }

    private static OptionalDouble moisture(
            Design design, GroundResult ground, Optional<Soil> soil, double x, double y, double surface, double depth) {
        double z = surface - Math.min(ROOTS, depth / 2);
        OptionalDouble water = depth > 0 ? SoilMoisture.at(design, ground, x, y, z) : OptionalDouble.empty();
        if (water.isEmpty() || soil.isEmpty() || soil.get().fieldCapacity() <= 0) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(
                Math.min(Plant.SOAKED, water.getAsDouble() / soil.get().fieldCapacity()));
    }

    private static boolean isSoaked(
            Design design, GroundResult ground, Optional<Soil> soil, double x, double y, double surface) {
        OptionalDouble water = SoilMoisture.at(design, ground, x, y, surface - ROOTS);
        return soil.isPresent()
                && water.isPresent()
                && water.getAsDouble() >= SOAKED * soil.get().water().saturated();
    }

    /** By volume of its parts, each at the middle of its band: an estimate, common practice; a test tells. */
    private static OptionalDouble ph(Soil soil) {
        double all = 0;
        double sum = 0;
        for (Soil.Part p : soil.parts()) {
            double middle = (p.medium().ph().min() + p.medium().ph().max()) / 2;
            all += p.settledShare();
            sum += p.settledShare() * middle;
        }
        return all > 0 ? OptionalDouble.of(sum / all) : OptionalDouble.empty();
    }
}
