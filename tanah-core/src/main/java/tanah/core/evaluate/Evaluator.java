package tanah.core.evaluate;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.animal.AxisRule;
import tanah.core.animal.BaskingPlaceRule;
import tanah.core.animal.GapRule;
import tanah.core.animal.GroupRule;
import tanah.core.animal.HideRule;
import tanah.core.animal.Inhabitant;
import tanah.core.animal.MixedSpeciesRule;
import tanah.core.animal.Space;
import tanah.core.animal.SpaceRule;
import tanah.core.box.Factors;
import tanah.core.build.Shopping;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.VesselModel;
import tanah.core.climaterule.ClimateRules;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.RoomPlan;
import tanah.core.design.edit.PlanEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.Stage;
import tanah.core.forecast.ClimateKey;
import tanah.core.forecast.Forecast;
import tanah.core.ground.BurrowRule;
import tanah.core.ground.DiggingDepthRule;
import tanah.core.ground.DrainageRule;
import tanah.core.ground.FertiliserRule;
import tanah.core.ground.GroundModel;
import tanah.core.ground.GroundResult;
import tanah.core.ground.LimeRule;
import tanah.core.ground.MeshHoleRule;
import tanah.core.ground.MeshRule;
import tanah.core.ground.MinDepthRule;
import tanah.core.ground.PerchedWaterRule;
import tanah.core.ground.RimRule;
import tanah.core.ground.SlopeRule;
import tanah.core.ground.SwallowRule;
import tanah.core.mapping.MappedDesign;
import tanah.core.room.RoomRules;
import tanah.core.structure.FloorRule;
import tanah.core.structure.MassModel;
import tanah.core.structure.MassResult;
import tanah.core.structure.OutsideRule;
import tanah.core.structure.PaneModel;
import tanah.core.structure.PaneResult;
import tanah.core.structure.PaneRules;
import tanah.core.structure.PieceRules;
import tanah.core.structure.PointLoadRule;
import tanah.core.structure.RestRule;
import tanah.core.structure.StandRule;
import tanah.core.structure.TerraceRule;
import tanah.core.vessel.LabelRule;
import tanah.core.vessel.Vessel;
import tanah.core.water.Circulation;
import tanah.core.water.CoverRule;
import tanah.core.water.CurrentRule;
import tanah.core.water.EscapeRule;
import tanah.core.water.GuardRule;
import tanah.core.water.LandWater;
import tanah.core.water.PumpRules;
import tanah.core.water.WarmthRule;
import tanah.core.water.WaterAnimalRules;
import tanah.core.water.WaterCare;
import tanah.core.water.WaterProperties;
import tanah.core.water.WaterRules;

/** Computes a design in working order. Same design and catalogue, same result, bit for bit. */
public final class Evaluator {
    private Evaluator() {}

    /**
     * @throws IllegalArgumentException if the design names something that the catalogue does not hold; whoever reads
     *     documents has to check that first
     */
    public static Evaluation evaluate(Design design, Catalogue catalogue) {
        List<Inhabitant> animals = design.animals().stream()
                .map(resident -> Inhabitant.of(resident, catalogue))
                .toList();
        Optional<Vessel> vessel = design.vessel().map(plan -> Boxes.resolve(plan, catalogue));
        Optional<GroundResult> ground = vessel.map(v -> GroundModel.compute(design, v, catalogue));
        Optional<MassResult> mass = vessel.map(v -> MassModel.compute(design, v, ground.orElseThrow(), catalogue));
        Optional<Shopping> shopping = vessel.map(v -> Shopping.of(design, v, ground.orElseThrow(), catalogue));
        Optional<Circulation> circulation = ground.flatMap(g -> Circulation.of(design, g, catalogue));
        double rise = circulation.map(Circulation::riseOnStop).orElse(0.0);
        double gains = circulation.map(Circulation::gains).orElse(0.0);
        Optional<LandWater> water = vessel.flatMap(v -> LandWater.of(design, v, ground.orElseThrow(), rise));
        Optional<WaterCare> care = vessel.flatMap(v -> WaterCare.of(design, v, ground.orElseThrow(), gains));
        Optional<PaneResult> panes =
                vessel.flatMap(v -> PaneModel.compute(design, v, ground.orElseThrow(), mass.orElseThrow(), catalogue));
        List<Finding> findings = new ArrayList<>();
        animals.forEach(a -> findings.addAll(GroupRule.judge(a)));
        MixedSpeciesRule.judge(animals, design.mixReason()).ifPresent(findings::add);
        Map<String, Space> space = new LinkedHashMap<>();
        if (vessel.isPresent()) {
            judgeVessel(animals, vessel.get(), ground.orElseThrow(), catalogue, space, findings);
            OutsideRule.judge(design.vessel().orElseThrow(), catalogue).ifPresent(findings::add);
            StandRule.judge(mass.orElseThrow()).ifPresent(findings::add);
            FloorRule.judge(design, vessel.get(), mass.orElseThrow()).ifPresent(findings::add);
            findings.addAll(PaneRules.judge(design, vessel.get(), ground.orElseThrow(), panes, catalogue));
            judgeWater(design, animals, ground.orElseThrow(), water, findings);
            circulation.ifPresent(
                    c -> judgeDevices(design, animals, vessel.get(), ground.get(), c, care, catalogue, findings));
            judgeHardscape(design, animals, ground.orElseThrow(), catalogue, findings);
            findings.addAll(PointLoadRule.judge(design, vessel.get(), ground.orElseThrow(), panes, catalogue));
            OptionalDouble level = circulation.isPresent()
                    ? OptionalDouble.of(circulation.get().level())
                    : OptionalDouble.empty();
            animals.forEach(a -> {
                findings.addAll(GapRule.judge(a, design, vessel.get(), level));
                BaskingPlaceRule.judge(a, design).ifPresent(findings::add);
            });
            animals.forEach(a -> EscapeRule.judge(a, design, vessel.get(), ground.orElseThrow())
                    .ifPresent(findings::add));
        }
        design.room().ifPresent(room -> animals.forEach(a -> findings.addAll(RoomRules.judge(a, room))));
        if (vessel.isPresent() && !design.ground().layers().isEmpty()) {
            judgeGround(design, animals, vessel.get(), ground.orElseThrow(), findings);
            findings.addAll(LimeRule.judge(design, ground.orElseThrow(), catalogue));
            findings.addAll(TerraceRule.judge(design, ground.orElseThrow()));
        }
        Collections.sort(findings);
        return new Evaluation(
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
                findings,
                Gaps.of(design, mass, panes, circulation),
                StageStates.of(design, circulation.map(Circulation::devices).orElse(0), findings, false));
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
        return MappedDesign.of(e.design(), e.vessel(), e.ground(), e.animals(), catalogue);
    }

    /** What the climate of an evaluated design depends on. */
    public static ClimateKey climateKey(Evaluation e, MappedDesign mapped) {
        return ClimateKey.of(mapped, roomBand(e));
    }

    private static double roomBand(Evaluation e) {
        return e.design().room().map(RoomPlan::band).orElse(0.0);
    }

    /**
     * The steady climate of an evaluated design.
     *
     * @param near of nearly the same plan, to start from
     */
    public static Optional<Forecast> forecast(Evaluation e, Catalogue catalogue, Optional<Forecast> near) {
        return mapped(e, catalogue).map(m -> Forecast.steady(m, near, Factors.ONE, roomBand(e)));
    }

    /** An evaluation with a climate that was computed for it, judged. */
    public static Evaluation withForecast(Evaluation e, Forecast forecast, Catalogue catalogue) {
        List<Finding> all = new ArrayList<>(e.findings());
        all.addAll(ClimateRules.judge(e.design(), e.animals(), forecast, catalogue));
        Collections.sort(all);
        int inWater = e.circulation().map(Circulation::devices).orElse(0);
        return e.with(
                forecast,
                all,
                Gaps.withForecast(e.notAssessed(), forecast),
                StageStates.of(e.design(), inWater, all, true));
    }

    /** The box against each animal: the ratios, and what they come to. */
    public static Space space(Inhabitant animal, Vessel vessel, Optional<GroundResult> ground) {
        double surface = ground.map(g -> g.bulk() / vessel.floorArea()).orElse(0.0);
        return Space.compute(
                animal, new Space.Box(vessel.length(), vessel.width(), vessel.height(), vessel.height() - surface));
    }

    private static void judgeVessel(
            List<Inhabitant> animals,
            Vessel vessel,
            GroundResult ground,
            Catalogue catalogue,
            Map<String, Space> space,
            List<Finding> findings) {
        for (Inhabitant animal : animals) {
            Space result = space(animal, vessel, Optional.of(ground));
            space.put(animal.id(), result);
            Optional<VesselModel> larger =
                    result.isForLife() ? Optional.empty() : VesselChoice.forLife(animal, catalogue);
            findings.addAll(SpaceRule.judge(
                    animal,
                    result,
                    larger.<Action>map(m -> new Action.Press(new PlanEdit.SetVessel(m.id())))
                            .orElse(new Action.GoTo(Stage.VESSEL)),
                    larger.map(VesselModel::name).orElse("")));
            AxisRule.judge(animal, vessel).ifPresent(findings::add);
        }
        findings.addAll(LabelRule.judge(vessel));
    }

    private static void judgeGround(
            Design design, List<Inhabitant> animals, Vessel vessel, GroundResult ground, List<Finding> findings) {
        List<Layer> layers = design.ground().layers();
        RimRule.judge(design.ground(), ground, vessel).ifPresent(findings::add);
        findings.addAll(SlopeRule.judge(layers, ground, vessel.width()));
        layers.forEach(l -> MinDepthRule.judge(l, ground).ifPresent(findings::add));
        MeshRule.judge(layers, ground).ifPresent(findings::add);
        MeshHoleRule.judge(layers, ground).ifPresent(findings::add);
        findings.addAll(FertiliserRule.judge(animals, layers, ground));
        for (Inhabitant animal : animals) {
            DiggingDepthRule.judge(animal, layers, ground).ifPresent(findings::add);
            DrainageRule.judge(animal, design.ground(), design.school(DrainageRule.CHOICE), vessel)
                    .ifPresent(findings::add);
            findings.addAll(PerchedWaterRule.judge(animal, layers, ground));
            findings.addAll(SwallowRule.judge(animal, layers, ground));
            BurrowRule.judge(animal, layers, ground).ifPresent(findings::add);
        }
    }

    private static void judgeWater(
            Design design,
            List<Inhabitant> animals,
            GroundResult ground,
            Optional<LandWater> water,
            List<Finding> findings) {
        if (water.isEmpty()) {
            animals.forEach(a -> WaterAnimalRules.missing(a).ifPresent(findings::add));
            return;
        }
        findings.addAll(WaterRules.judge(design, ground, water.get()));
        animals.forEach(a -> {
            findings.addAll(WaterAnimalRules.judge(a, design, ground, water.get()));
            CoverRule.judge(a, design, water.get()).ifPresent(findings::add);
        });
    }

    private static void judgeDevices(
            Design design,
            List<Inhabitant> animals,
            Vessel vessel,
            GroundResult ground,
            Circulation circulation,
            Optional<WaterCare> care,
            Catalogue catalogue,
            List<Finding> findings) {
        double celsius = design.water().orElseThrow().celsius();
        double evaporation = care.flatMap(WaterCare::heater)
                .map(h -> h.evaporation(celsius) / WaterProperties.density(celsius))
                .orElse(0.0);
        findings.addAll(PumpRules.judge(design, vessel, circulation, evaporation, catalogue));
        findings.addAll(GuardRule.judge(circulation));
        for (Inhabitant animal : animals) {
            care.ifPresent(c -> findings.addAll(WarmthRule.judge(animal, design, c, circulation.heaters(), catalogue)));
            findings.addAll(CurrentRule.judge(animal, design, ground, circulation));
        }
    }

    private static void judgeHardscape(
            Design design, List<Inhabitant> animals, GroundResult ground, Catalogue catalogue, List<Finding> findings) {
        boolean digs = animals.stream().anyMatch(a -> a.profile().burrower() >= 1);
        double heaviest = animals.stream()
                .mapToDouble(a -> a.resident().mass().orElse(0))
                .max()
                .orElse(0);
        findings.addAll(PieceRules.judge(design, ground, digs, catalogue));
        findings.addAll(RestRule.judge(design, heaviest, catalogue));
        animals.forEach(a -> findings.addAll(HideRule.judge(a, design)));
    }
}
