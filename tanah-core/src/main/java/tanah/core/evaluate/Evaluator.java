package tanah.core.evaluate;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tanah.core.animal.Company;
import tanah.core.animal.Inhabitant;
import tanah.core.animal.Space;
import tanah.core.box.Factors;
import tanah.core.build.Shopping;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Lining;
import tanah.core.design.RoomPlan;
import tanah.core.forecast.ClimateKey;
import tanah.core.forecast.Forecast;
import tanah.core.ground.GroundModel;
import tanah.core.ground.GroundResult;
import tanah.core.mapping.MappedDesign;
import tanah.core.structure.MassModel;
import tanah.core.structure.MassResult;
import tanah.core.structure.PaneModel;
import tanah.core.structure.PaneResult;
import tanah.core.vessel.Vessel;
import tanah.core.water.Circulation;
import tanah.core.water.LandWater;
import tanah.core.water.WaterCare;

/** Computes a design in working order. Same design and catalogue, same result, bit for bit. */
public final class Evaluator {
    private Evaluator() {}

    /** The design computed and judged, without its climate. */
    public static Evaluation evaluate(Design design, Catalogue catalogue) {
        return judged(compute(design, catalogue), catalogue);
    }

    /** Judged by what was computed, with its climate where it has one. */
    public static Evaluation judged(Computed computed, Catalogue catalogue) {
        return new Evaluation(computed, Judge.judge(computed, catalogue));
    }

    /**
     * Its quantities, without its climate and not judged.
     *
     * @throws IllegalArgumentException if the design names something that the catalogue does not hold; whoever reads
     *     documents has to check that first
     */
    public static Computed compute(Design design, Catalogue catalogue) {
        List<Inhabitant> animals = design.animals().stream()
                .map(resident -> Inhabitant.of(resident, catalogue))
                .toList();
        Optional<Vessel> vessel = design.vessel().map(plan -> Boxes.resolve(plan, catalogue));
        Optional<GroundResult> ground = vessel.map(v -> GroundModel.compute(design, v, catalogue));
        Optional<MassResult> mass = vessel.map(v -> MassModel.compute(design, v, ground.orElseThrow(), catalogue));
        Optional<Shopping> shopping = vessel.map(v -> Shopping.of(design, v, ground.orElseThrow(), catalogue));
        Optional<Circulation> circulation = ground.flatMap(g -> Circulation.of(design, g, catalogue));
        double rise = circulation.map(Circulation::riseOnStop).orElse(0.0);
        Optional<LandWater> water = vessel.flatMap(v -> LandWater.of(design, v, ground.orElseThrow(), rise));
        Optional<WaterCare> care =
                circulation.flatMap(c -> WaterCare.of(design, vessel.orElseThrow(), ground.orElseThrow(), c));
        Optional<PaneResult> panes =
                vessel.flatMap(v -> PaneModel.compute(design, v, ground.orElseThrow(), mass.orElseThrow(), catalogue));
        Map<String, Space> space = new LinkedHashMap<>();
        List<Company> companies = Company.of(animals);
        vessel.ifPresent(v ->
                animals.forEach(a -> space.put(a.id(), space(a, companies, v, Lining.of(design, v), ground))));
        return new Computed(
                design,
                animals,
                vessel,
                space,
                ground,
                mass,
                water,
                circulation,
                care,
                panes,
                shopping,
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** How much of the climate is computed. */
    public enum Depth {
        /** Steady states, bands and the whole day. */
        WHOLE,
        /** Steady states only, for an answer at once. */
        STEADY
    }

    /** The evaluation with the climate; the same evaluation where there is no vessel, no room, or no air over the ground. */
    public static Evaluation evaluate(Design design, Catalogue catalogue, Depth depth) {
        Evaluation plain = evaluate(design, catalogue);
        Optional<Forecast> steady = forecast(plain, catalogue, Optional.empty());
        Optional<Forecast> found =
                depth == Depth.WHOLE ? steady.map(f -> f.withBands(() -> false).withDays(() -> false)) : steady;
        return found.map(f -> withForecast(plain, f, catalogue)).orElse(plain);
    }

    /** An evaluated design as the climate model takes it; empty where there is no vessel, no room, or no air over the ground. */
    public static Optional<MappedDesign> mapped(Evaluation e, Catalogue catalogue) {
        return mapped(e.computed(), catalogue);
    }

    /** The same of what was computed of it. */
    public static Optional<MappedDesign> mapped(Computed e, Catalogue catalogue) {
        return MappedDesign.of(e.design(), e.vessel(), e.ground(), e.animals(), catalogue);
    }

    /** What the climate of an evaluated design depends on. */
    public static ClimateKey climateKey(Computed e, MappedDesign mapped) {
        return ClimateKey.of(mapped, roomBand(e));
    }

    private static double roomBand(Computed e) {
        return e.design().room().map(RoomPlan::band).orElse(0.0);
    }

    /**
     * The steady climate of an evaluated design.
     *
     * @param near of nearly the same plan, to start from
     */
    public static Optional<Forecast> forecast(Evaluation e, Catalogue catalogue, Optional<Forecast> near) {
        return forecast(e.computed(), catalogue, near);
    }

    /** The same of what was computed of it. */
    public static Optional<Forecast> forecast(Computed e, Catalogue catalogue, Optional<Forecast> near) {
        return mapped(e, catalogue).map(m -> Forecast.steady(m, near, Factors.ONE, roomBand(e)));
    }

    /** An evaluation with a climate that was computed for it, judged. */
    public static Evaluation withForecast(Evaluation e, Forecast forecast, Catalogue catalogue) {
        return judged(e.computed().withClimate(forecast, catalogue), catalogue);
    }

    /** The box against each animal: the ratios, and what they come to. */
    static Space space(
            Inhabitant animal, List<Company> all, Vessel vessel, Lining lining, Optional<GroundResult> ground) {
        // what a background takes is floor neither for soil nor for the animal
        double area =
                lining.isEmpty() ? vessel.floorArea() : lining.floor(vessel).area();
        double surface = ground.map(g -> g.bulk() / area).orElse(0.0);
        return Space.compute(
                animal,
                new Space.Box(
                        lining.length(vessel),
                        lining.width(vessel),
                        lining.height(vessel),
                        lining.height(vessel) - surface),
                all);
    }
}
