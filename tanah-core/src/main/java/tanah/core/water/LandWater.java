package tanah.core.water;

import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.design.Dam;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Layer;
import tanah.core.design.Lining;
import tanah.core.design.Solids;
import tanah.core.design.WaterPart;
import tanah.core.ground.Cell;
import tanah.core.ground.Displacement;
import tanah.core.ground.GroundResult;
import tanah.core.ground.LayerResult;
import tanah.core.ground.Soil;
import tanah.core.ground.WaterVolumes;
import tanah.core.vessel.Vessel;

/**
 * Land and water of a design at its level.
 *
 * @param water        volumes and depths
 * @param highest      level with what returns when a pump stops and with waves (m)
 * @param lowest       to which it may fall (m)
 * @param landShare    of the floor, by plan
 * @param waterShare   of the floor, by plan
 * @param damShare     of the floor, by plan; neither land nor water
 * @param landByVolume of ground and free water together
 * @param perMetre     water for a metre of level (m²)
 * @param air          room left (m³)
 * @param overDam      dam over the highest level (m), if there is a wall
 * @param underRim     rim over the highest level (m)
 * @param wicking      soil over the water, where nothing seals it off
 */
public record LandWater(
        WaterVolumes water,
        double highest,
        double lowest,
        double landShare,
        double waterShare,
        double damShare,
        double landByVolume,
        double perMetre,
        double air,
        OptionalDouble overDam,
        double underRim,
        Optional<Wicking> wicking) {

    private static final double HALF = 0.005; // m
    private static final double LEAST_GAP = 0.02; // m, common practice
    private static final double OVER_RISE = 0.005; // m, common practice
    private static final double FALSE_BOTTOM_RISE = 0.005; // m, common practice

    /**
     * The lowest soil that is not meant to be wet.
     *
     * @param layer     its id
     * @param underside m
     * @param gap       underside over the highest level (m)
     * @param needed    that gap has to be (m): 2 cm by the rule of the trade, or what the drainage draws up and half
     *                  a centimetre
     * @param front     height of the damp front in the soil (m)
     */
    public record Wicking(String layer, double underside, double gap, double needed, double front) {}

    public static Optional<LandWater> of(Design design, Vessel vessel, GroundResult ground, double riseOnStop) {
        return ground.water().map(w -> compute(design, vessel, ground, w, riseOnStop));
    }

    private static LandWater compute(
            Design design, Vessel vessel, GroundResult ground, WaterVolumes w, double riseOnStop) {
        WaterPart plan = design.water().orElseThrow();
        double highest = w.level() + riseOnStop + plan.margins().wave().orElse(0);
        Lining lining = Lining.of(design, vessel);
        double floor = lining.floor(vessel).area();
        double dam = ground.terrain().cells().stream()
                .filter(Cell::dam)
                .mapToDouble(c -> c.plan().area())
                .sum();
        double bulk = ground.bulk();
        double hardscape =
                design.hardscape().stream().mapToDouble(Solids::volume).sum();
        double buried = ground.layers().stream()
                .mapToDouble(l -> l.shape().volume() - l.shape().netVolume())
                .sum();
        Optional<Dam> wall = design.ground().lowestWall();
        return new LandWater(
                w,
                highest,
                plan.margins().lowestLevel().orElse(w.level()),
                Math.max(0, (floor - w.surface() - dam) / floor),
                w.surface() / floor,
                dam / floor,
                bulk + w.free() > 0 ? bulk / (bulk + w.free()) : 0,
                (total(design, ground, w, w.level() + HALF) - total(design, ground, w, w.level() - HALF)) / (2 * HALF),
                vessel.brim() - lining.room(vessel) - bulk - ground.damVolume() - w.free() - hardscape + buried,
                wall.isPresent() ? OptionalDouble.of(wall.get().top() - highest) : OptionalDouble.empty(),
                vessel.rim() - highest,
                design.ground().isSealed() ? Optional.empty() : wicking(design, ground, highest));
    }

    private static double total(Design design, GroundResult ground, WaterVolumes w, double level) {
        return WaterVolumes.at(ground.terrain(), ground.layers(), level, w.side(), Displacement.of(design))
                .total();
    }

    private static Optional<Wicking> wicking(Design design, GroundResult ground, double highest) {
        double rise = 0;
        for (Layer layer : design.ground().layers()) {
            if (layer.is(Layer.Kind.FALSE_BOTTOM)) {
                rise = Math.max(rise, FALSE_BOTTOM_RISE);
            } else if (layer.is(Layer.Kind.DRAINAGE)) {
                Soil soil = ground.soils().get(layer.id());
                rise = Math.max(rise, soil == null ? 0 : soil.capillaryRise());
            }
        }
        double needed = Math.max(LEAST_GAP, rise + OVER_RISE);
        Wicking worst = null;
        for (Layer layer : design.ground().layers()) {
            Optional<LayerResult> result = ground.layer(layer.id());
            boolean dryLand = layer.is(Layer.Kind.SUBSTRATE)
                    && !layer.options().aquatic().orElse(false)
                    && result.isPresent()
                    && result.get().shape().exists();
            if (dryLand) {
                double underside = result.get().shape().underside();
                if (worst == null || underside < worst.underside()) {
                    Soil soil = ground.soils().get(layer.id());
                    double front = soil == null ? 0 : soil.capillaryRise();
                    worst = new Wicking(layer.id(), underside, underside - highest, needed, front);
                }
            }
        }
        return Optional.ofNullable(worst);
    }

    /** Pieces that animals can stand on, highest first, with the distance to the rim (m). */
    public static double highestStanding(Design design, GroundResult ground) {
        return Math.max(
                ground.surfaceMax(),
                design.hardscape().stream()
                        .mapToDouble(HardscapeItem::top)
                        .max()
                        .orElse(0));
    }
}
