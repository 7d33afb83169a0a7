package tanah.core.evaluate;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.animal.AxisRule;
import tanah.core.animal.BaskingPlaceRule;
import tanah.core.animal.Company;
import tanah.core.animal.GapRule;
import tanah.core.animal.GroupRule;
import tanah.core.animal.HideRule;
import tanah.core.animal.Inhabitant;
import tanah.core.animal.MixedSpeciesRule;
import tanah.core.animal.Space;
import tanah.core.animal.SpaceRule;
import tanah.core.animal.WayOutRule;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.VesselModel;
import tanah.core.cleanup.CrewRules;
import tanah.core.climaterule.ClimateRules;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.edit.PlanEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.Stage;
import tanah.core.forecast.WaterMoved;
import tanah.core.ground.BurrowRule;
import tanah.core.ground.DiggingDepthRule;
import tanah.core.ground.DrainageRule;
import tanah.core.ground.FertiliserRule;
import tanah.core.ground.GroundResult;
import tanah.core.ground.LimeRule;
import tanah.core.ground.MeshHoleRule;
import tanah.core.ground.MeshRule;
import tanah.core.ground.MinDepthRule;
import tanah.core.ground.PerchedWaterRule;
import tanah.core.ground.RimRule;
import tanah.core.ground.SlopeRule;
import tanah.core.ground.SwallowRule;
import tanah.core.planting.PlantRules;
import tanah.core.room.RoomRules;
import tanah.core.structure.DamRule;
import tanah.core.structure.FitRule;
import tanah.core.structure.FloorRule;
import tanah.core.structure.JointRule;
import tanah.core.structure.LiningRule;
import tanah.core.structure.OutsideRule;
import tanah.core.structure.PaneRules;
import tanah.core.structure.PieceRules;
import tanah.core.structure.PointLoadRule;
import tanah.core.structure.RestRule;
import tanah.core.structure.StackRule;
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
import tanah.core.water.WasteRule;
import tanah.core.water.WaterAnimalRules;
import tanah.core.water.WaterProperties;
import tanah.core.water.WaterRules;

/** Judges what was computed of a design by every rule: a new rule of the plan has its line here. */
final class Judge {
    private Judge() {}

    static Judgement judge(Computed c, Catalogue catalogue) {
        List<Finding> findings = new ArrayList<>();
        Company.of(c.animals()).forEach(a -> findings.addAll(GroupRule.judge(a)));
        MixedSpeciesRule.judge(c.animals(), c.design().mixReason()).ifPresent(findings::add);
        c.vessel().ifPresent(vessel -> box(c, vessel, c.ground().orElseThrow(), catalogue, findings));
        c.design().room().ifPresent(room -> c.animals().forEach(a -> findings.addAll(RoomRules.judge(a, room))));
        c.planted()
                .ifPresent(p -> findings.addAll(PlantRules.judge(
                        c.design(), c.vessel().orElseThrow(), c.ground().orElseThrow(), c.animals(), p)));
        c.cleanup().ifPresent(w -> findings.addAll(CrewRules.judge(w, c.animals(), catalogue)));
        c.forecast().ifPresent(f -> findings.addAll(ClimateRules.judge(c.design(), c.animals(), f, catalogue)));
        Collections.sort(findings);
        return new Judgement(findings, Gaps.of(c, catalogue), StageStates.of(c, findings));
    }

    private static void box(
            Computed c, Vessel vessel, GroundResult ground, Catalogue catalogue, List<Finding> findings) {
        Design design = c.design();
        vessel(c, vessel, catalogue, findings);
        OutsideRule.judge(design.vessel().orElseThrow(), catalogue).ifPresent(findings::add);
        StandRule.judge(c.mass().orElseThrow()).ifPresent(findings::add);
        FloorRule.judge(design, vessel, c.mass().orElseThrow()).ifPresent(findings::add);
        findings.addAll(PaneRules.judge(design, vessel, ground, c.panes(), catalogue));
        water(design, c.animals(), ground, c.water(), findings);
        c.circulation().ifPresent(w -> devices(c, vessel, ground, w, catalogue, findings));
        findings.addAll(FitRule.judge(design, vessel));
        findings.addAll(LiningRule.judge(design, vessel, catalogue));
        hardscape(c, vessel, ground, catalogue, findings);
        findings.addAll(PointLoadRule.judge(design, vessel, ground, c.panes(), catalogue));
        OptionalDouble level =
                c.circulation().stream().mapToDouble(Circulation::level).findFirst();
        for (Inhabitant a : c.animals()) {
            findings.addAll(GapRule.judge(a, design, vessel, level));
            findings.addAll(WayOutRule.judge(a, design, catalogue));
            BaskingPlaceRule.judge(a, design).ifPresent(findings::add);
            EscapeRule.judge(a, design, vessel, ground).ifPresent(findings::add);
        }
        if (!design.ground().layers().isEmpty()) {
            ground(design, c.animals(), vessel, ground, findings);
            findings.addAll(LimeRule.judge(design, ground, catalogue));
            findings.addAll(TerraceRule.judge(design, ground));
            findings.addAll(DamRule.judge(design, ground));
        }
    }

    private static void vessel(Computed c, Vessel vessel, Catalogue catalogue, List<Finding> findings) {
        for (Inhabitant animal : c.animals()) {
            Space result = c.space().get(animal.id());
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

    private static void ground(
            Design design, List<Inhabitant> animals, Vessel vessel, GroundResult ground, List<Finding> findings) {
        List<Layer> layers = design.ground().layers();
        RimRule.judge(design.ground(), ground, vessel).ifPresent(findings::add);
        findings.addAll(SlopeRule.judge(layers, ground, vessel.width()));
        layers.forEach(l -> MinDepthRule.judge(l, ground).ifPresent(findings::add));
        MeshRule.judge(layers, ground, design.school(MeshRule.CHOICE)).ifPresent(findings::add);
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

    private static void water(
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

    private static void devices(
            Computed c,
            Vessel vessel,
            GroundResult ground,
            Circulation circulation,
            Catalogue catalogue,
            List<Finding> findings) {
        Design design = c.design();
        OptionalDouble evaporation = c.forecast()
                .map(WaterMoved::carriedOut)
                .filter(OptionalDouble::isPresent)
                .map(kg -> OptionalDouble.of(kg.getAsDouble()
                        / WaterProperties.density(design.water().orElseThrow().celsius())))
                .orElse(OptionalDouble.empty());
        findings.addAll(PumpRules.judge(design, vessel, circulation, evaporation, catalogue));
        findings.addAll(GuardRule.judge(circulation));
        for (Inhabitant animal : c.animals()) {
            c.care().flatMap(w -> WarmthRule.judge(animal, design)).ifPresent(findings::add);
            findings.addAll(CurrentRule.judge(animal, ground, circulation));
        }
        c.care().ifPresent(care -> findings.addAll(WasteRule.judge(c.animals(), design, circulation, care)));
    }

    private static void hardscape(
            Computed c, Vessel vessel, GroundResult ground, Catalogue catalogue, List<Finding> findings) {
        Design design = c.design();
        List<Inhabitant> animals = c.animals();
        boolean digs = animals.stream().anyMatch(a -> a.profile().burrower() >= 1);
        double heaviest = animals.stream()
                .mapToDouble(a -> a.resident().mass().orElse(0))
                .max()
                .orElse(0);
        findings.addAll(PieceRules.judge(design, vessel, ground, c.panes(), digs, catalogue));
        findings.addAll(RestRule.judge(design, ground, heaviest, catalogue));
        findings.addAll(StackRule.judge(design, heaviest, catalogue));
        findings.addAll(JointRule.judge(design, catalogue));
        animals.forEach(a -> findings.addAll(HideRule.judge(a, design)));
    }
}
