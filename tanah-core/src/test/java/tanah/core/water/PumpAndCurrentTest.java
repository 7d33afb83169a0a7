package tanah.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.Species;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Layer;
import tanah.core.design.Surface;
import tanah.core.design.WaterFeature;
import tanah.core.design.WaterPart;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestGear;
import tanah.core.testing.TestSpecies;
import tanah.core.testing.WaterStub;

/** Pumps, jets, turnover, guards; each limit below, at and above. The water is 20 l, 10 cm deep, of 0.2 m². */
class PumpAndCurrentTest {
    private static final double HOUR = 3600;
    private static final double DAY = 86_400;
    private static final Optional<Pipe> LINE =
            Optional.of(new Pipe(0.3, List.of(new Pipe.Segment(1, 0.012, Pipe.SMOOTH, 1))));
    private static final Species FROG =
            TestSpecies.frog().with("water_depth_max_cm", 15).with("swims", "good");

    private static Gear gear(String category) {
        return TestGear.gearOf(category);
    }

    private static Device at(double z) {
        return Device.of("p", "pump", Device.Spot.at(0.1, 0.1, z));
    }

    private static Design plan(WaterFeature... features) {
        return TestDesigns.box(1, 0.5, 0.5)
                .withWater(Optional.of(WaterPart.upTo(0.1).withFeatures(List.of(features))));
    }

    private static List<Finding> pumps(Design d, WaterStub water, OptionalDouble evaporation) {
        return PumpRules.judge(d, TestDesigns.vessel(d), water.circulation(), evaporation, TestGear.catalogue());
    }

    private static Optional<Finding> of(List<Finding> all, RuleId rule) {
        return all.stream().filter(f -> f.rule().equals(rule)).findFirst();
    }

    private static WaterStub pump(double flow, double dirty, double wanted) {
        return new WaterStub()
                .run(
                        at(0.02),
                        gear("pump"),
                        LINE,
                        flow > 0 ? OptionalDouble.of(flow / HOUR / 1000) : OptionalDouble.empty(),
                        dirty / HOUR / 1000,
                        wanted / HOUR / 1000,
                        Optional.empty());
    }

    @ParameterizedTest
    @CsvSource({
        // litres an hour: clean, dirty, wanted; 95 % of what is wanted is enough
        "95,   50, 100, GOOD,    ''",
        "94.9, 50, 100, CAUTION, ''",
        "100,  0,  100, CAUTION, dirty",
        "0,    0,  100, STOP,    none",
        "50,   20, 0,   GOOD,    free"
    })
    void aPumpLiftsWhatIsWanted(double flow, double dirty, double wanted, Severity severity, String words) {
        Finding f = of(pumps(plan(), pump(flow, dirty, wanted), OptionalDouble.empty()), PumpRules.WEAK)
                .orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.variant()).isEqualTo(words);
        assertThat(f.measure("wanted").value() * HOUR * 1000).isCloseTo(wanted, within(1e-9));
        assertThat(f.measure("rise").value()).isEqualTo(0.3);
        if (severity != Severity.GOOD) {
            assertThat(f.remedies()).extracting(Remedy::key).contains("wider-tube");
        }
    }

    /** The inlet of the stub's pump is covered from its height and its own need of cover on. */
    @Test
    void anInletStaysUnderWater() {
        double cover = pump(1, 1, 0).circulation().runs().get(0).cover();
        for (double more : new double[] {-0.001, 0, 0.001}) {
            WaterStub water = new WaterStub()
                    .run(
                            at(0.1 - cover + more),
                            gear("pump"),
                            Optional.empty(),
                            OptionalDouble.of(1e-5),
                            1e-5,
                            0,
                            Optional.empty());
            Finding f = of(pumps(plan(), water, OptionalDouble.empty()), PumpRules.DRY)
                    .orElseThrow();
            assertThat(f.severity()).isEqualTo(more > 0 ? Severity.STOP : Severity.GOOD);
            if (more > 0) {
                assertThat(f.measure("missing").value()).isCloseTo(0.001, within(1e-9));
                assertThat(f.measure("litres").value()).isCloseTo(0.0002, within(1e-9));
                assertThat(f.remedies().get(0).measures().get(0).value()).isCloseTo(0.105, within(1e-9));
            }
        }
    }

    @Test
    void aSpongeHasNoInletThatFallsDry() {
        WaterStub water = new WaterStub()
                .run(at(0.3), gear("sponge"), Optional.empty(), OptionalDouble.of(1e-5), 1e-5, 0, Optional.empty());
        assertThat(pumps(plan(), water, OptionalDouble.of(1e-6))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"6.99, CAUTION, 6", "7, GOOD, 0", "7.01, GOOD, 0", "0.4, CAUTION, 1"})
    void evaporationLeavesAWeek(double days, Severity severity, double every) {
        double cover = pump(1, 1, 0).circulation().runs().get(0).cover();
        double spare = 0.1 - 0.02 - cover;
        double daily = spare * 0.2 / days;
        WaterStub water = new WaterStub()
                .run(at(0.02), gear("pump"), Optional.empty(), OptionalDouble.of(1e-5), 1e-5, 0, Optional.empty());
        Finding f = of(pumps(plan(), water, OptionalDouble.of(daily / DAY * (1 - 1e-12))), PumpRules.FALLS_DRY)
                .orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.measure("days").value() / DAY).isCloseTo(days, within(1e-6));
        assertThat(f.measure("daily").value() * DAY / DAY).isGreaterThan(0);
        if (severity == Severity.CAUTION) {
            assertThat(f.remedies().get(0).measures().get(0).value()).isEqualTo(every * DAY);
        }
    }

    @Test
    void withoutEvaporationNoDaysAreSaid() {
        assertThat(of(pumps(plan(), pump(50, 20, 0), OptionalDouble.of(1e-10)), PumpRules.FALLS_DRY))
                .isEmpty();
        assertThat(of(pumps(plan(), pump(50, 20, 0), OptionalDouble.empty()), PumpRules.FALLS_DRY))
                .isEmpty();
    }

    private static WaterFeature feature(WaterFeature.Kind kind, double bar, String face) {
        return new WaterFeature(
                "f",
                kind,
                Optional.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.of(bar),
                Optional.ofNullable(face),
                OptionalDouble.empty());
    }

    @ParameterizedTest
    @CsvSource({
        // drops of a fall fly half its height, off a drip wall a twentieth; 0.5 m to the front, 1 m along
        "FALL, 1.10, back, false",
        "FALL, 1.11, back, true",
        "FALL, 1.11, left, false",
        "FALL, 2.11, right, true",
        "DRIP_WALL, 10.05, back, false",
        "DRIP_WALL, 10.15, back, true",
        "STREAM, 20, back, false"
    })
    void aFallThatSplashesOutIsSaid(WaterFeature.Kind kind, double bar, String face, boolean said) {
        Design d = plan(feature(kind, bar, face));
        assertThat(of(pumps(d, new WaterStub(), OptionalDouble.empty()), PumpRules.SPLASH)
                        .isPresent())
                .isEqualTo(said);
    }

    // ---- the current of a jet

    private static WaterStub jet(double flow, int outlets, double bore) {
        Device d = Device.of("filter", "canister", Device.Spot.NOWHERE)
                .withOutlet(new Device.Outlet(
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        OptionalInt.of(outlets),
                        OptionalDouble.of(bore)));
        return new WaterStub()
                .run(d, gear("canister"), Optional.empty(), OptionalDouble.of(flow), flow, 0, Optional.empty());
    }

    private static List<Finding> current(Species s, WaterStub water) {
        return CurrentRule.judge(TestSpecies.inhabitant(s, 1), water.ground(), water.circulation());
    }

    @ParameterizedTest
    @CsvSource({
        // times the limit of a good swimmer, 15 cm/s
        "0.999, GOOD",
        "1.001, CAUTION",
        "1.999, CAUTION",
        "2.001, STOP"
    })
    void aJetIsSlowEnoughInTheMiddle(double times, Severity severity) {
        double distance = Math.sqrt(0.2 / Math.PI);
        double perFlow = OpenFlow.jetSpeed(1, 1, 0.012, distance);
        Finding f = of(current(FROG, jet(times * 0.15 / perFlow, 1, 0.012)), CurrentRule.CURRENT)
                .orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.measure("limit").value()).isEqualTo(0.15);
        assertThat(f.measure("speed").value()).isCloseTo(times * 0.15, within(1e-9));
        assertThat(f.measure("distance").value()).isCloseTo(distance, within(1e-9));
        if (severity != Severity.GOOD) {
            Remedy bar = f.remedies().get(0);
            assertThat(bar.key()).isEqualTo("spray-bar");
            double n = bar.measures().get(0).value();
            assertThat(OpenFlow.jetSpeed(times * 0.15 / perFlow, (int) n, 0.012, distance))
                    .isLessThanOrEqualTo(0.15);
            assertThat(OpenFlow.jetSpeed(times * 0.15 / perFlow, (int) n - 1, 0.012, distance))
                    .isGreaterThan(0.15);
        }
    }

    /**
     * 5 cm of soil in the back half under 10 cm of water: two thirds of the water stand in front, so its middle is 20.8 cm from the front.
     * A jet near it still has half of an even disc's radius before it.
     */
    @ParameterizedTest
    @CsvSource({
        "0.1, 0.1, 0.4144",
        "0.9, 0.2083, 0.4",
        "0.5, 0.2083, 0.1995",
        "0.5, 0.45, 0.2417",
        "0.5, , 0.3989",
        ", 0.1, 0.3989"
    })
    void aJetIsJudgedWhereTheMiddleOfTheWaterIs(Double x, Double y, double distance) {
        Design d = TestDesigns.box(
                        1,
                        0.5,
                        0.5,
                        TestDesigns.layer("soil", Layer.Kind.SUBSTRATE, "sand_play", new Surface.Thickness(0.05))
                                .withRegion(
                                        Optional.of(new Layer.Region(ConvexPolygon.rectangle(0, 0.25, 1, 0.5), true))))
                .withWater(Optional.of(WaterPart.upTo(0.1)));
        Device filter = Device.of("filter", "canister", new Device.Spot(said(x), said(y), OptionalDouble.of(0.05)))
                .withOutlet(new Device.Outlet(
                        OptionalDouble.empty(), OptionalDouble.empty(), OptionalInt.of(1), OptionalDouble.of(0.012)));
        WaterStub stub = new WaterStub()
                .run(filter, gear("canister"), Optional.empty(), OptionalDouble.of(1e-4), 1e-4, 0, Optional.empty());
        Finding f = CurrentRule.judge(TestSpecies.inhabitant(FROG, 1), TestDesigns.ground(d), stub.circulation())
                .get(0);
        assertThat(f.measure("distance").value()).isCloseTo(distance, within(1e-4));
    }

    private static OptionalDouble said(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    @Test
    void aJetThatNoBarTamesIsBroken() {
        Finding f = of(current(FROG, jet(1, 1, 0.012)), CurrentRule.CURRENT).orElseThrow();
        assertThat(f.remedies()).extracting(Remedy::key).containsExactly("break-current");
    }

    @Test
    void whatAnAnimalBears() {
        assertThat(CurrentRule.limit(FROG)).isEqualTo(0.15);
        assertThat(CurrentRule.limit(FROG.with("swims", "poor"))).isEqualTo(0.05);
        assertThat(CurrentRule.limit(FROG.with("current_max_cm_s", 30))).isEqualTo(0.3);
    }

    @Test
    void whatNeverEntersTheWaterIsNotJudged() {
        assertThat(current(FROG.with("water_depth_max_cm", 0), jet(1, 1, 0.012)))
                .isEmpty();
    }

    // ---- guards, and a heater that stays under water

    private static List<Finding> guards(WaterStub w) {
        return GuardRule.judge(w.circulation());
    }

    @Test
    void whatBurnsAndWhatSucksHasAGuard() {
        Device heater = Device.of("h", "heater-25", Device.Spot.NOWHERE);
        assertThat(of(guards(new WaterStub().heater(heater, TestGear.HEATER_25)), GuardRule.HEATER)
                        .orElseThrow()
                        .measure("surface")
                        .value())
                .isEqualTo(70);
        assertThat(guards(new WaterStub().heater(heater.withGuard(Optional.of("guard-heater")), TestGear.HEATER_25)))
                .isEmpty();
        assertThat(of(guards(jet(1e-5, 1, 0.012)), GuardRule.INLET)).isPresent();
        WaterStub sponge = new WaterStub()
                .run(at(0.02), gear("sponge"), Optional.empty(), OptionalDouble.of(1e-5), 1e-5, 0, Optional.empty());
        assertThat(guards(sponge)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"0.0799, ", "0.0800, ", "0.0801, STOP"})
    void aHeaterStaysUnderWater(double z, Severity severity) {
        Device heater = Device.of("h", "heater-25", Device.Spot.at(0.1, 0.1, z)).withGuard(Optional.of("guard-heater"));
        List<Finding> found = guards(new WaterStub().heater(heater, TestGear.HEATER_25));
        assertThat(found.stream().map(Finding::severity).findFirst()).isEqualTo(Optional.ofNullable(severity));
    }

    @ParameterizedTest
    @CsvSource({"0.0299, ", "0.0301, lying"})
    void aLongHeaterThatStandsIsLaidDown(double z, String words) {
        Gear tall = TestGear.longHeater(0.1);
        Device heater = Device.of("h", "heater-25", Device.Spot.at(0.1, 0.1, z)).withGuard(Optional.of("guard-heater"));
        List<Finding> found = guards(new WaterStub().heater(heater, tall));
        assertThat(found.stream().map(Finding::variant).findFirst()).isEqualTo(Optional.ofNullable(words));
    }
}
