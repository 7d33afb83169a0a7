package tanah.core.design.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tanah.core.design.Dam;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Layer;
import tanah.core.design.OtherFields;
import tanah.core.design.Probe;
import tanah.core.design.Ramp;
import tanah.core.design.Recipe;
import tanah.core.design.Resident;
import tanah.core.design.Surface;
import tanah.core.design.VesselPlan;
import tanah.core.design.WaterFeature;
import tanah.core.design.WaterPart;
import tanah.core.finding.Measure;
import tanah.core.finding.Remedy;
import tanah.core.finding.Stage;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestMedia;

/** Every change of the plan does what it says, to what it names and to nothing else. */
class StageEditsTest {
    private static final EditContext CONTEXT = new EditContext(TestMedia.catalogue(), LocalDate.of(2026, 3, 1));

    private static Design box() {
        return TestDesigns.box(0.9, 0.45, 0.5, TestDesigns.drainage(0.05), TestDesigns.soil("sand_play", 0.1));
    }

    // ---- who else lives there

    @Test
    void animalsComeAndGo() {
        Design one = box().withAnimals(List.of(Resident.one("a", "x")));
        Design two = new PlanEdit.AddAnimal(Resident.one("b", "y")).apply(one, CONTEXT);
        assertThat(two.animals()).extracting(Resident::id).containsExactly("a", "b");
        assertThat(new PlanEdit.RemoveAnimal("b").apply(two, CONTEXT)).isEqualTo(one);
        assertThat(new PlanEdit.RemoveAnimal("gone").apply(two, CONTEXT)).isEqualTo(two);
        assertThat(new PlanEdit.GiveReason("both wild").apply(two, CONTEXT).mixReason())
                .contains("both wild");
        assertThat(new PlanEdit.GiveReason("  ").apply(two, CONTEXT).mixReason())
                .isEmpty();
    }

    /** Below, at and above twelve entries. */
    @ParameterizedTest
    @CsvSource({"11, false", "12, true", "13, true"})
    void aPlanHoldsTwelveEntriesOfAnimals(int there, boolean refused) {
        Design full = box().withAnimals(java.util.stream.IntStream.range(0, there)
                .mapToObj(i -> Resident.one("r" + i, "x"))
                .toList());
        assertThat(new PlanEdit.AddAnimal(Resident.one("b", "y")).refused(full, CONTEXT))
                .isEqualTo(refused ? Optional.of(Refusal.ANIMALS_MANY) : Optional.empty());
    }

    @Test
    void aLidOfAnotherMaterialOrNone() {
        Design open = new AirEdit.CoverWith("none").apply(box(), CONTEXT);
        assertThat(open.vessel().orElseThrow().lid().orElseThrow().material()).contains("none");
        assertThat(new AirEdit.CoverWith("lead").apply(box(), CONTEXT)).isEqualTo(box());
        assertThat(new AirEdit.CoverWith("glass").apply(Design.named("bare"), CONTEXT))
                .isEqualTo(Design.named("bare"));
    }

    private static Layer layer(Design d, String id) {
        return d.ground().layer(id).orElseThrow();
    }

    // ---- ground

    @Test
    void aLayerIsSlopedLevelledMadeOfSomethingElseAndTakenOut() {
        Design sloped = new GroundEdit.SetSlope("soil", 0.08, 0.14).apply(box(), CONTEXT);
        assertThat(layer(sloped, "soil").surface()).isEqualTo(new Surface.Slope(0.08, 0.14));
        assertThat(layer(new GroundEdit.LevelLayer("soil", 0.11).apply(sloped, CONTEXT), "soil")
                        .surface())
                .isEqualTo(new Surface.Thickness(0.11));
        Design made = new GroundEdit.SetMedia("soil", "pea_gravel_4_8").apply(box(), CONTEXT);
        assertThat(layer(made, "soil").media()).contains(new Recipe.Named("pea_gravel_4_8"));
        assertThat(layer(made, "drainage")).isEqualTo(layer(box(), "drainage"));
        assertThat(new GroundEdit.RemoveLayer("drainage")
                        .apply(box(), CONTEXT)
                        .ground()
                        .layers())
                .extracting(Layer::id)
                .containsExactly("soil");
    }

    @Test
    void separatorBagAndMoistureAreOptionsOfTheLayer() {
        Design laid = new GroundEdit.LayMesh("soil", true).apply(box(), CONTEXT);
        assertThat(layer(laid, "soil").options().hasMesh()).isTrue();
        assertThat(layer(new GroundEdit.LayMesh("soil", false).apply(laid, CONTEXT), "soil")
                        .options()
                        .hasMesh())
                .isFalse();
        assertThat(layer(new GroundEdit.SetMeshHole("soil", OptionalDouble.of(0.0008)).apply(box(), CONTEXT), "soil")
                        .options()
                        .meshHole())
                .hasValue(0.0008);
        assertThat(layer(new GroundEdit.SetMoisture("soil", 0.3).apply(box(), CONTEXT), "soil")
                        .wetness())
                .isCloseTo(0.3, within(1e-12));
        Design bought =
                new GroundEdit.SetBag("soil", OptionalDouble.of(0.02), OptionalDouble.of(9)).apply(box(), CONTEXT);
        assertThat(bought).isNotEqualTo(box());
        assertThat(new GroundEdit.SetBag("soil", OptionalDouble.empty(), OptionalDouble.empty()).apply(bought, CONTEXT))
                .isEqualTo(box());
    }

    /** Drainage goes below, soil under the litter, litter on top. */
    @Test
    void aNewLayerGoesWhereItsKindBelongs() {
        Layer litter = TestDesigns.layer("litter", Layer.Kind.LITTER, "leaf_litter", new Surface.Thickness(0.02));
        Layer soil = TestDesigns.layer("more", Layer.Kind.SUBSTRATE, "sand_play", new Surface.Thickness(0.05));
        Layer drain = TestDesigns.layer("low", Layer.Kind.DRAINAGE, "pea_gravel_4_8", new Surface.Thickness(0.05));
        Design covered = new GroundEdit.AddLayer(litter).apply(box(), CONTEXT);
        Design deeper = new GroundEdit.AddLayer(soil).apply(covered, CONTEXT);
        Design all = new GroundEdit.AddLayer(drain).apply(deeper, CONTEXT);
        assertThat(all.ground().layers())
                .extracting(Layer::id)
                .containsExactly("low", "drainage", "soil", "more", "litter");
        assertThat(new GroundEdit.MoveLayer("soil", -1)
                        .apply(all, CONTEXT)
                        .ground()
                        .layers())
                .extracting(Layer::id)
                .containsExactly("low", "soil", "drainage", "more", "litter");
        Design drained = new GroundEdit.AddDrainage("pea_gravel_4_8", 0.06).apply(box(), CONTEXT);
        assertThat(drained.ground().layers().get(0).surface()).isEqualTo(new Surface.Thickness(0.06));
        assertThat(drained.ground().layers().get(0).id()).isNotIn("drainage", "soil");
    }

    /** Below a level top lies a slope: nobody can say where its underside is, so the top stays. */
    @Test
    void aLevelTopOverASlopeStays() {
        Design d = TestDesigns.box(
                0.9,
                0.45,
                0.5,
                TestDesigns.slope("sand_play", 0.05, 0.1),
                TestDesigns.layer("top", Layer.Kind.SUBSTRATE, "sand_play", new Surface.Level(0.2)));
        assertThat(layer(new GroundEdit.SetDepth("top", 0.3).apply(d, CONTEXT), "top")
                        .surface())
                .isEqualTo(new Surface.Level(0.2));
    }

    // ---- water

    private static Design wet() {
        Layer.Region half = new Layer.Region(ConvexPolygon.rectangle(0.4, 0, 0.41, 0.45), true);
        Dam dam = new Dam("dam", "wood", half, 0.12, Optional.empty(), OptionalDouble.empty());
        Design d = box();
        return d.withGround(new tanah.core.design.Ground(d.ground().layers(), List.of(dam)))
                .withWater(Optional.of(WaterPart.upTo(0.08)));
    }

    private static WaterPart water(Design d) {
        return d.water().orElseThrow();
    }

    @Test
    void theWaterIsFilledCoveredAndLeftByARamp() {
        assertThat(water(WaterEdit.level(0.1).apply(wet(), CONTEXT)).fill().level())
                .hasValue(0.1);
        assertThat(water(WaterEdit.cover(0.4).apply(wet(), CONTEXT)).margins().cover())
                .hasValue(0.4);
        assertThat(water(new WaterEdit.AllowWicking(true).apply(wet(), CONTEXT))
                        .margins()
                        .acceptWicking())
                .contains(true);
        Design ramped = new WaterEdit.AddRamp(0.02, 0.09, 0.15, 0.1).apply(wet(), CONTEXT);
        Design twice = new WaterEdit.AddRamp(0.02, 0.09, 0.15, 0.1).apply(ramped, CONTEXT);
        Ramp ramp = water(ramped).ramps().get(0);
        assertThat(List.of(ramp.foot(), ramp.top(), ramp.length(), ramp.width()))
                .containsExactly(0.02, 0.09, 0.15, 0.1);
        assertThat(water(twice).ramps())
                .extracting(Ramp::id)
                .doesNotHaveDuplicates()
                .hasSize(2);
        assertThat(WaterEdit.level(0.1).apply(box(), CONTEXT)).as("no water").isEqualTo(box());
    }

    @Test
    void aWallIsBuiltHigherAndSealed() {
        Dam higher =
                DamEdit.top("dam", 0.2).apply(wet(), CONTEXT).ground().dams().get(0);
        assertThat(higher.top()).isEqualTo(0.2);
        assertThat(higher.kind()).isEqualTo("wood");
        Dam sealed = new DamEdit.Make("dam", "glass", true)
                .apply(wet(), CONTEXT)
                .ground()
                .dams()
                .get(0);
        assertThat(sealed.isWatertight()).isTrue();
        assertThat(sealed.kind()).isEqualTo("glass");
        assertThat(DamEdit.top("other", 0.2).apply(wet(), CONTEXT)).isEqualTo(wet());
    }

    // ---- pieces

    private static Design stony() {
        HardscapeItem stone = new HardscapeItem(
                "stone",
                Optional.empty(),
                Optional.of("stone"),
                Optional.of("slate"),
                List.of(new Point(0.1, 0.1), new Point(0.2, 0.1), new Point(0.2, 0.2), new Point(0.1, 0.2)),
                OptionalDouble.of(0.12),
                0.05,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                Fixing.UNSAID,
                Optional.empty(),
                Optional.empty(),
                OtherFields.NONE);
        return box().withHardscape(List.of(stone));
    }

    @ParameterizedTest
    @CsvSource({"0.001, 0.003", "0.003, 0.003", "0.004, 0.004"})
    void aPieceIsStoodOnTheBaseOnAPadOfSomeSize(double asked, double pad) {
        HardscapeItem stood = new PieceEdit.StandOnBase("stone", asked)
                .apply(stony(), CONTEXT)
                .hardscape()
                .get(0);
        assertThat(stood.base()).isZero();
        assertThat(stood.fixing().support()).contains(Fixing.Support.BASE);
        assertThat(stood.fixing().pad()).hasValue(pad);
        assertThat(stood.outline()).isEqualTo(stony().hardscape().get(0).outline());
    }

    @Test
    void aPieceIsHeldDown() {
        assertThat(PieceEdit.anchor("stone", 1.5)
                        .apply(stony(), CONTEXT)
                        .hardscape()
                        .get(0)
                        .fixing()
                        .anchor())
                .hasValue(1.5);
        assertThat(PieceEdit.anchor("other", 1.5).apply(stony(), CONTEXT)).isEqualTo(stony());
    }

    // ---- devices

    private static Design lit() {
        return box().withDevices(List.of(
                Device.of("lamp", "flood-75", Device.Spot.at(0.2, 0.2, 0.45)),
                Device.of("pump", "pump-200", Device.Spot.NOWHERE)));
    }

    private static Device device(Design d, String id) {
        return d.device(id).orElseThrow();
    }

    @Test
    void aDeviceIsExchangedGuardedHungAndTakenOut() {
        Device strong = device(
                new DeviceEdit.SetDevice("lamp", "flood-100")
                        .apply(lit().withDevice("lamp", d -> d.withPower(OptionalDouble.of(60))), CONTEXT),
                "lamp");
        assertThat(strong.item()).isEqualTo("flood-100");
        assertThat(strong.power())
                .as("the watts of the old one are not the new one's")
                .isEmpty();
        assertThat(device(new DeviceEdit.SetGuard("lamp", Optional.of("guard-lamp")).apply(lit(), CONTEXT), "lamp")
                        .guard())
                .contains("guard-lamp");
        Device hung = device(DeviceEdit.hang("lamp", 0.6).apply(lit(), CONTEXT), "lamp");
        assertThat(hung.at()).isEqualTo(Device.Spot.at(0.2, 0.2, 0.6));
        assertThat(device(DeviceEdit.outlets("pump", 3).apply(lit(), CONTEXT), "pump")
                        .outlet()
                        .count())
                .isEqualTo(OptionalInt.of(3));
        assertThat(new DeviceEdit.RemoveDevice("lamp").apply(lit(), CONTEXT).devices())
                .extracting(Device::id)
                .containsExactly("pump");
    }

    /** What a pump fed is fed by nothing when it is gone. */
    @Test
    void aFeatureLosesThePumpThatIsTakenOut() {
        OptionalDouble unsaid = OptionalDouble.empty();
        WaterFeature stream = new WaterFeature(
                "stream",
                WaterFeature.Kind.STREAM,
                Optional.of("pump"),
                unsaid,
                unsaid,
                unsaid,
                unsaid,
                Optional.empty(),
                unsaid);
        Design d = lit().withWater(Optional.of(WaterPart.upTo(0.08).withFeatures(List.of(stream))));
        Design dry = new DeviceEdit.RemoveDevice("pump").apply(d, CONTEXT);
        assertThat(water(dry).features().get(0).pump()).isEmpty();
        assertThat(water(new DeviceEdit.RemoveDevice("lamp").apply(d, CONTEXT))
                        .features()
                        .get(0)
                        .pump())
                .contains("pump");
    }

    @ParameterizedTest
    @CsvSource({
        "dimming, thermostat-dim-300, dimming", "pulse, thermostat-pulse-600, pulse",
        "on_off, thermostat-onoff-300, on_off", "anything, thermostat-onoff-300, on_off"
    })
    void aControlFeelsAPlaceThatIsMadeWhereThereIsNone(String kind, String item, String type) {
        Design d = DeviceEdit.Control.ofKind("lamp", kind, 33).apply(lit(), CONTEXT);
        Device.Thermostat t = device(d, "lamp").thermostat().orElseThrow();
        assertThat(t.item()).contains(item);
        assertThat(t.type()).contains(type);
        assertThat(t.day()).hasValue(33);
        assertThat(t.night()).hasValue(33);
        Probe felt = d.probe(t.probe().orElseThrow()).orElseThrow();
        assertThat(felt.x()).hasValue(0.2);
        assertThat(felt.zone()).contains(Probe.Zone.WARM);
        // a second control of the same device feels the same place and keeps its night
        Design again = DeviceEdit.Control.ofKind("lamp", kind, 30).apply(d, CONTEXT);
        assertThat(again.probes()).hasSize(1);
        assertThat(device(again, "lamp").thermostat().orElseThrow().night()).hasValue(33);
    }

    @Test
    void aControlFeelsTheBaskingPlaceOfThePlan() {
        Probe warm = probe("warm", Probe.Zone.WARM, OptionalDouble.of(0.3));
        Probe basking = probe("bask", Probe.Zone.BASKING, OptionalDouble.of(0.2));
        Probe nowhere = probe("unplaced", Probe.Zone.BASKING, OptionalDouble.empty());
        assertThat(felt(lit().withProbes(List.of(warm, nowhere, basking)))).contains("bask");
        assertThat(felt(lit().withProbes(List.of(warm, nowhere)))).contains("warm");
        assertThat(DeviceEdit.Control.ofKind("gone", "pulse", 30).apply(lit(), CONTEXT))
                .isEqualTo(lit());
    }

    private static Optional<String> felt(Design d) {
        Design controlled = DeviceEdit.Control.ofKind("lamp", "pulse", 30).apply(d, CONTEXT);
        assertThat(controlled.probes()).isEqualTo(d.probes());
        return device(controlled, "lamp").thermostat().orElseThrow().probe();
    }

    private static Probe probe(String id, Probe.Zone zone, OptionalDouble x) {
        return new Probe(
                id,
                Optional.empty(),
                Probe.Kind.SURFACE,
                Optional.of(zone),
                x,
                x,
                OptionalDouble.empty(),
                Optional.empty(),
                List.of());
    }

    // ---- air and the plan

    @Test
    void theLidIsMeshToAShare() {
        Design half = AirEdit.mesh(0.5).apply(box(), CONTEXT);
        assertThat(half.vessel().flatMap(VesselPlan::lid).orElseThrow().meshFraction())
                .hasValue(0.5);
        assertThat(AirEdit.mesh(0.5).apply(Design.named("x"), CONTEXT)).isEqualTo(Design.named("x"));
    }

    @Test
    void animalsAreFewerAndAVesselUnknownToTheListChangesNothing() {
        Design three = box().withAnimals(
                        List.of(Resident.one("a", "s").withCount(3, OptionalInt.of(2)), Resident.one("b", "s")));
        Design one = new PlanEdit.SetCount("a", 1, OptionalInt.empty()).apply(three, CONTEXT);
        assertThat(one.animals()).extracting(Resident::count).containsExactly(1, 1);
        assertThat(one.animals().get(0).males()).isEmpty();
        assertThat(new PlanEdit.SetVessel("no-such-box").apply(three, CONTEXT)).isEqualTo(three);
    }

    // ---- remedies

    static Stream<Remedy> byHand() {
        return Stream.of(
                Remedy.byHand("measure-there", new Measure("x", 1, tanah.core.units.Unit.COUNT)),
                Remedy.change("go", new Remedy.Action.GoTo(Stage.HEAT)),
                Remedy.change("find", new Remedy.Action.Find()));
    }

    @ParameterizedTest
    @MethodSource("byHand")
    void whatAPersonHasToDoChangesNothing(Remedy remedy) {
        assertThat(remedy.changesPlan()).isFalse();
        Design plan = lit();
        assertThat(Edit.take(remedy, plan, CONTEXT)).isSameAs(plan);
    }

    @Test
    void aRemedyIsOfferedOnlyWhenItWasTriedAndHeals() {
        Remedy untried = Remedy.change("take-out", new DeviceEdit.RemoveDevice("lamp"));
        assertThat(untried.changesPlan()).isTrue();
        assertThat(untried.heals()).isFalse();
        assertThat(untried.tried(Optional.empty()).heals()).isTrue();
        assertThat(untried.tried(Optional.empty()).words("lamp").heals())
                .as("words change nothing")
                .isTrue();
        assertThat(Edit.take(untried, lit(), CONTEXT).devices()).hasSize(1);
    }
}
