package tanah.core.water;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.core.design.Dam;
import tanah.core.design.Design;
import tanah.core.design.Ids;
import tanah.core.design.Layer;
import tanah.core.design.NewLayer;
import tanah.core.design.OtherFields;
import tanah.core.design.Ramp;
import tanah.core.design.WaterPart;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.ground.GroundResult;
import tanah.core.ground.WaterVolumes;
import tanah.core.vessel.Vessel;

/**
 * A first water part for an animal: a foam wall so that land and water have the shares that it wants, sand on the
 * floor of the water, water of a right depth and a ramp that it can climb (common practice).
 */
public final class WaterProposal {
    private static final double WALL = 0.03; // m
    private static final double SAND = 0.02; // m
    private static final double LEAST_WATER = 0.005; // m
    private static final double CREST = 0.02; // m over the water and over the land
    private static final double RAMP_FOOT = 0.02; // m
    private static final double STEP = 0.005; // m
    private static final double GENTLE = Math.toRadians(30);

    private WaterProposal() {}

    public static Design propose(Design design, Vessel vessel, GroundResult ground, Optional<Inhabitant> animal) {
        OptionalDouble warmth = animal.flatMap(a -> a.profile().water())
                .map(w -> OptionalDouble.of(PlannedWarmth.of(w, design.room())))
                .orElse(OptionalDouble.empty());
        Design shaped = shaped(design, vessel, ground, animal);
        return shaped.withWater(shaped.water().map(w -> w.withTemperature(warmth)));
    }

    private static Design shaped(Design design, Vessel vessel, GroundResult ground, Optional<Inhabitant> animal) {
        double depth = depth(animal, vessel);
        boolean swims = animal.map(a -> a.profile().isAquatic()).orElse(false);
        if (swims) {
            List<Layer> bottom = design.ground().layers().stream()
                    .map(l -> l.withOptions(l.options().withAquatic(true)))
                    .toList();
            return design.withGround(design.ground().withLayers(bottom))
                    .withWater(Optional.of(WaterPart.upTo(round(ground.surfaceMax() + depth))));
        }
        double land = animal.map(a -> middle(a.profile().landFraction())).orElse(0.5);
        double left = round(Math.max(0.05, (1 - land) * vessel.length() - WALL / 2));
        double right = left + WALL;
        double level = round(SAND + depth);
        double crest = round(Math.max(level, ground.surfaceMax()) + CREST);
        Layer.Region onLand = rectangle(right, vessel.length(), vessel.width());
        Layer.Region inWater = rectangle(0, left, vessel.width());
        List<Layer> layers = new ArrayList<>();
        design.ground().layers().forEach(l -> layers.add(l.region().isEmpty() ? l.withRegion(Optional.of(onLand)) : l));
        Layer sand =
                NewLayer.of(design, Layer.Kind.SUBSTRATE, "sand_play", SAND).withRegion(Optional.of(inWater));
        layers.add(0, sand.withOptions(Layer.Options.NONE.withAquatic(true)));
        Dam dam = new Dam(
                Ids.free(design, "dam"),
                "foam",
                rectangle(left, right, vessel.width()),
                Math.min(crest, vessel.rim()),
                Optional.of(true),
                OptionalDouble.empty());
        Design walled = design.withGround(design.ground().withLayers(layers).withDams(List.of(dam)))
                .withWater(Optional.of(WaterPart.upTo(level).withSide(Optional.of(inWater))));
        return animal.isEmpty()
                ? walled
                : walled.withWater(walled.water().map(w -> w.withRamps(List.of(ramp(walled, animal, level, crest)))));
    }

    /** The design with one more ramp, from under the lowest water to the crest of the wall or over the land. */
    public static Design withRamp(Design design, GroundResult ground, Optional<Inhabitant> animal) {
        return design.withWater(design.water().map(w -> {
            double level = ground.water().map(WaterVolumes::level).orElse(0.0);
            double lowest = Math.min(level, w.margins().lowestLevel().orElse(level));
            double crest = design.ground().dams().stream()
                    .filter(Dam::isWall)
                    .mapToDouble(Dam::top)
                    .max()
                    .orElse(Math.max(ground.surfaceMax(), level + CREST));
            List<Ramp> ramps = new ArrayList<>(w.ramps());
            ramps.add(ramp(design, animal, lowest, Math.max(crest, level + STEP)));
            return w.withRamps(ramps);
        }));
    }

    private static Ramp ramp(Design design, Optional<Inhabitant> animal, double level, double crest) {
        // half as steep as the animal could climb, so that a tired one gets out as well
        double slope = Math.min(animal.map(a -> Way.of(a).steepest()).orElse(GENTLE) / 2, GENTLE);
        double foot = Math.max(0, level - RAMP_FOOT - STEP);
        double length = Math.ceil(Way.rampFor(crest - foot, slope) / STEP) * STEP;
        return new Ramp(Ids.free(design, "ramp"), foot, crest, length, 0.08, Optional.of(true), OtherFields.NONE);
    }

    /** How high a box must hold water for the least depth that an animal wants, over the sand and under the crest of the wall (m). */
    public static double leastWall(Species species) {
        return species.optional("water_depth_min_cm").orElse(0) / 100 + SAND + CREST;
    }

    private static double depth(Optional<Inhabitant> animal, Vessel vessel) {
        double wanted = animal.flatMap(a -> a.profile().range("water_depth_min_cm", "water_depth_max_cm"))
                .map(r -> (r.min() + r.max()) / 200)
                .orElse(0.1);
        return Math.max(LEAST_WATER, Math.min(wanted, vessel.groundLimit() - SAND - CREST));
    }

    private static double middle(Range range) {
        return Math.max(0.2, Math.min(0.9, (range.min() + range.max()) / 2));
    }

    private static double round(double metres) {
        return Math.round(metres / STEP) * STEP;
    }

    private static Layer.Region rectangle(double from, double to, double width) {
        return new Layer.Region(ConvexPolygon.rectangle(from, 0, to, width), true);
    }
}
