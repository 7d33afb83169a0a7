package tanah.core.water;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.design.ChangeSchedule;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.Tap;
import tanah.core.design.VesselPlan;
import tanah.core.design.WaterPart;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;
import tanah.core.ground.GroundResult;
import tanah.core.ground.WaterVolumes;
import tanah.core.vessel.Vessel;

/**
 * Keeping the water: warmth on the worst winter night, changes, and running it in.
 *
 * @param volume  water that turns over, with what stands in lines and canisters (m³)
 * @param heater  heat balance on the coldest night of the room, if the room is known
 * @param change  water of one change (m³), if changes are planned
 * @param changes after how many changes nine tenths of a step are done
 * @param thiosulfate that takes the chlorine out of one change (kg)
 * @param released ammonia nitrogen that chloramine leaves behind (kg N/m³)
 * @param media   surface for bacteria that is counted: wetted grains' plan area and filters (m²)
 * @param turnsOver nitrogen that bacteria on it can turn over while ammonia stays low (kg N/s), at pH 7 where none is known
 * @param cycle   what the course of running in is computed from, if acidity and alkalinity of the tap are known
 */
public record WaterCare(
        double volume,
        Optional<HeaterModel> heater,
        OptionalDouble change,
        OptionalDouble changes,
        OptionalDouble thiosulfate,
        OptionalDouble released,
        double media,
        double turnsOver,
        Optional<NitrogenPlan> cycle) {

    private static final double GLASS = 1.0; // W/(m K)
    private static final double PANE = 0.006; // m, where the plan does not say
    private static final double DAMP = 0.85; // share, air over water in a closed box
    private static final double DOSE = 2e-3; // kg N/m³, common practice 1 to 2 mg/l
    private static final double ROUGHNESS = 3; // wetted grain surface that breathes, over its plan area; from memory
    private static final double LEAST_MEDIA = 0.1; // m², panes and stones
    private static final double NEUTRAL = 7; // pH
    private static final int DAYS = 120;
    private static final String CHOICE = "water";

    public static Optional<WaterCare> of(Design design, Vessel vessel, GroundResult ground, Circulation circulation) {
        return ground.water()
                .filter(w -> w.turnsOver() > 1e-6)
                .map(w -> compute(design, vessel, ground, w, circulation));
    }

    private static WaterCare compute(
            Design design, Vessel vessel, GroundResult ground, WaterVolumes w, Circulation circulation) {
        WaterPart plan = design.water().orElseThrow();
        double volume = w.turnsOver() + circulation.outside();
        Optional<Tap> tap = plan.tap();
        OptionalDouble fraction = plan.changes().map(ChangeSchedule::fraction).orElse(OptionalDouble.empty());
        OptionalDouble change =
                fraction.isPresent() ? OptionalDouble.of(fraction.getAsDouble() * volume) : OptionalDouble.empty();
        OptionalDouble chlorine = tap.map(Tap::chlorine).orElse(OptionalDouble.empty());
        boolean bound = tap.flatMap(Tap::chloramine).orElse(false);
        double media = media(design, ground, circulation);
        return new WaterCare(
                volume,
                design.room()
                        .map(r ->
                                heater(design, vessel, w, volume, r.winter().lowest() - r.band(), circulation.gains())),
                change,
                fraction.isPresent() && fraction.getAsDouble() > 0 && fraction.getAsDouble() < 1
                        ? OptionalDouble.of(Math.ceil(Math.log(0.1) / Math.log(1 - fraction.getAsDouble())))
                        : OptionalDouble.empty(),
                chlorine.isPresent()
                        ? OptionalDouble.of(Changes.thiosulfate(chlorine.getAsDouble(), change.orElse(volume)))
                        : OptionalDouble.empty(),
                chlorine.isPresent() && bound
                        ? OptionalDouble.of(Changes.ammoniaFromChloramine(chlorine.getAsDouble()))
                        : OptionalDouble.empty(),
                media,
                NitrogenCycle.turnsOver(
                        media,
                        plan.celsius(),
                        tap.map(Tap::ph).orElse(OptionalDouble.empty()).orElse(NEUTRAL)),
                cycle(design, plan, volume, media));
    }

    private static HeaterModel heater(
            Design design, Vessel vessel, WaterVolumes w, double volume, double room, double gains) {
        VesselPlan box = design.vessel().orElseThrow();
        WaterPart plan = design.water().orElseThrow();
        return new HeaterModel(
                volume,
                plan.celsius(),
                room,
                room,
                DAMP,
                panes(vessel, w) * w.level(),
                w.surface(),
                w.surface(),
                box.pane().orElse(PANE),
                GLASS,
                0,
                gains);
    }

    /** Length of wetted panes (m): the edges of the water's plan that lie at a wall of the box. */
    private static double panes(Vessel vessel, WaterVolumes w) {
        return w.side().within(vessel.outline()).stream()
                .mapToDouble(p -> panes(vessel, p))
                .sum();
    }

    private static double panes(Vessel vessel, ConvexPolygon plan) {
        List<Point> p = plan.corners();
        double sum = 0;
        for (int i = 0; i < p.size(); i++) {
            Point a = p.get(i);
            Point b = p.get((i + 1) % p.size());
            double x = (a.x() + b.x()) / 2;
            double y = (a.y() + b.y()) / 2;
            double out = 1e-3;
            boolean wall = !vessel.outline().contains(x - out, y)
                    || !vessel.outline().contains(x + out, y)
                    || !vessel.outline().contains(x, y - out)
                    || !vessel.outline().contains(x, y + out);
            sum += wall ? Math.hypot(b.x() - a.x(), b.y() - a.y()) : 0;
        }
        return sum;
    }

    private static double media(Design design, GroundResult ground, Circulation circulation) {
        double sum = LEAST_MEDIA;
        for (Layer layer : design.ground().layers()) {
            if (layer.options().aquatic().orElse(false)) {
                sum += ROUGHNESS
                        * ground.layer(layer.id())
                                .map(l -> l.shape().footprint())
                                .orElse(0.0);
            }
        }
        for (Run run : circulation.runs()) {
            sum += run.media();
        }
        return sum;
    }

    private static Optional<NitrogenPlan> cycle(Design design, WaterPart plan, double volume, double media) {
        OptionalDouble ph = plan.tap().map(Tap::ph).orElse(OptionalDouble.empty());
        OptionalDouble alkalinity = plan.tap().map(Tap::alkalinity).orElse(OptionalDouble.empty());
        if (ph.isEmpty() || alkalinity.isEmpty() || alkalinity.getAsDouble() <= 0) {
            return Optional.empty();
        }
        boolean seeded = design.school(CHOICE).filter("mature_medium"::equals).isPresent();
        return Optional.of(new NitrogenPlan(
                volume,
                plan.celsius(),
                ph.getAsDouble(),
                alkalinity.getAsDouble(),
                media,
                seeded ? NitrogenPlan.School.SEEDED : NitrogenPlan.School.FISHLESS,
                seeded ? OptionalDouble.of(media / 2) : OptionalDouble.empty(),
                DOSE,
                0,
                0,
                0,
                0,
                1,
                0,
                DAYS));
    }
}
