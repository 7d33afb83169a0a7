package tanah.core.climaterule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.design.AirPlan;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;
import tanah.core.design.OtherFields;
import tanah.core.design.VesselPlan;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.geometry.Point;
import tanah.core.physics.MoistAir;
import tanah.core.testing.ForecastStub;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestGear;
import tanah.core.testing.TestSpecies;

/** Mist as gear and as water, wet fronts, damp retreats. */
class MistAndMoistureTest {
    private static AirPlan.Nozzle nozzle(int i, Device.Spot at, double flow) {
        return new AirPlan.Nozzle("n" + i, Optional.of("nozzle"), at, OptionalDouble.of(flow));
    }

    private static Design sprayed(int nozzles, double flow, double seconds, boolean tank, Device... devices) {
        AirPlan.Mist mist = new AirPlan.Mist(
                Optional.of("mist-pump"),
                tank ? Optional.of("tank") : Optional.empty(),
                IntStream.range(0, nozzles)
                        .mapToObj(i -> nozzle(i, Device.Spot.at(0.3, 0.3, 0.55), flow))
                        .toList(),
                seconds > 0 ? List.of(new AirPlan.Event(8, seconds, List.of())) : List.of(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty());
        return TestDesigns.box(1.2, 0.6, 0.6, TestDesigns.soil("sand_play", 0.1))
                .withAir(Optional.of(AirPlan.STILL.withMist(Optional.of(mist))))
                .withDevices(List.of(devices));
    }

    private static Optional<Finding> of(Design d, RuleId rule) {
        return MistRule.judge(d, TestGear.catalogue()).stream()
                .filter(f -> f.rule().equals(rule))
                .findFirst();
    }

    @ParameterizedTest
    @CsvSource({
        // the pump feeds 10 nozzles and gives 1 l/min
        "10, 100e-6, GOOD",
        "10, 101e-6, STOP",
        "11, 80e-6,  STOP",
        "1,  1000e-6, GOOD",
        "1,  1001e-6, STOP"
    })
    void aPumpFeedsItsNozzles(int nozzles, double perMinute, Severity severity) {
        Finding f =
                of(sprayed(nozzles, perMinute / 60, 10, false), MistRule.PUMP).orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.measure("nozzles").value()).isEqualTo(nozzles);
        assertThat(f.measure("feeds").value()).isEqualTo(10);
        assertThat(f.measure("flow").value()).isCloseTo(nozzles * perMinute / 60, within(1e-12));
    }

    /** Nine tenths of 5 l are 4.5 l: 1.5 l a day last three days. */
    @ParameterizedTest
    @CsvSource({"1.4999, GOOD, 3.0002", "1.5, GOOD, 3", "1.501, CAUTION, 2.998"})
    void aTankLastsThreeDays(double litres, Severity severity, double days) {
        // one nozzle of 0.1 l/s for as long as it takes
        Finding f = of(sprayed(1, 1e-4, litres / 0.1, true), MistRule.TANK).orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.measure("days").value() / 86_400).isCloseTo(days, within(1e-3));
        assertThat(f.measure("daily").value()).isCloseTo(litres / 1000, within(1e-9));
    }

    @Test
    void withoutATankOrSpraysNoDaysAreSaid() {
        assertThat(of(sprayed(1, 1e-4, 10, false), MistRule.TANK)).isEmpty();
        assertThat(of(sprayed(1, 1e-4, 0, true), MistRule.TANK)).isEmpty();
        assertThat(MistRule.judge(sprayed(0, 0, 10, true), TestGear.catalogue()))
                .isEmpty();
    }

    // ---- spray on what is hot

    private static Device spot(double x, double y, double z) {
        return Device.of("s", "spot", Device.Spot.at(x, y, z));
    }

    @ParameterizedTest
    @CsvSource({"0.549, true", "0.551, false"})
    void noNozzleHangsWithinAQuarterMetreOfALamp(double x, boolean stops) {
        Optional<Finding> f = of(sprayed(1, 1e-6, 10, false, spot(x, 0.3, 0.55)), MistRule.HOT);
        assertThat(f.isPresent()).isEqualTo(stops);
        f.ifPresent(s -> assertThat(s.severity()).isEqualTo(Severity.STOP));
    }

    /** The nozzle hangs at 30 cm, the tube shines 25 cm to either side of its middle: from its end it is a quarter of a metre. */
    @ParameterizedTest
    @CsvSource({"0.799, true", "0.801, false"})
    void aTubeIsHotAlongItsLength(double x, boolean stops) {
        Device tube = Device.of("t", "tube", Device.Spot.at(x, 0.3, 0.55));
        assertThat(of(sprayed(1, 1e-6, 10, false, tube), MistRule.HOT).isPresent())
                .isEqualTo(stops);
    }

    @Test
    void theDistanceIsMeasuredInSpace() {
        // 0.15, 0.15 and 0.15 aside: 0.26 m
        assertThat(of(sprayed(1, 1e-6, 10, false, spot(0.45, 0.45, 0.40)), MistRule.HOT))
                .isEmpty();
        assertThat(of(sprayed(1, 1e-6, 10, false, spot(0.44, 0.44, 0.41)), MistRule.HOT))
                .isPresent();
    }

    @Test
    void aLampWhosePlaceIsUnknownIsNotJudged() {
        for (Device.Spot at : List.of(
                Device.Spot.NOWHERE,
                Device.Spot.at(0.3, 0.3, 0.5).withX(OptionalDouble.empty()),
                Device.Spot.at(0.3, 0.3, 0.5).withY(OptionalDouble.empty()),
                Device.Spot.at(0.3, 0.3, 0.5).withZ(OptionalDouble.empty()))) {
            assertThat(of(sprayed(1, 1e-6, 10, false, Device.of("s", "spot", at)), MistRule.HOT))
                    .isEmpty();
        }
    }

    /** A lid of which 40 % is mesh: from one side on, a lamp over the rest is sheltered. */
    @ParameterizedTest
    @CsvSource({
        // side, x, y, z, sheltered; the nozzle hangs under the lamp
        "BACK,  0.6, 0.35, 0.65, true",
        "BACK,  0.6, 0.37, 0.65, false",
        "FRONT, 0.6, 0.25, 0.65, true",
        "FRONT, 0.6, 0.23, 0.65, false",
        "LEFT,  0.5, 0.3,  0.65, true",
        "LEFT,  0.47, 0.3, 0.65, false",
        "RIGHT, 0.7, 0.3,  0.65, true",
        "RIGHT, 0.73, 0.3, 0.65, false",
        "BACK,  0.6, 0.35, 0.59, false"
    })
    void aLampOverAClosedPartOfTheLidStaysDry(Envelope.Face side, double x, double y, double z, boolean sheltered) {
        Device lamp = spot(x, y, z);
        AirPlan.Mist mist = new AirPlan.Mist(
                Optional.empty(),
                Optional.empty(),
                List.of(nozzle(0, Device.Spot.at(x, y, 0.5), 1e-6)),
                List.of(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty());
        Design box = TestDesigns.box(1.2, 0.6, 0.6, TestDesigns.soil("sand_play", 0.1));
        VesselPlan.Lid lid = VesselPlan.Lid.UNSAID
                .withMeshFraction(OptionalDouble.of(0.4))
                .withMesh(VesselPlan.Mesh.UNSAID.withSide(Optional.of(side)));
        Design d = box.withVessel(box.vessel().orElseThrow().withLid(Optional.of(lid)))
                .withAir(Optional.of(AirPlan.STILL.withMist(Optional.of(mist))))
                .withDevices(List.of(lamp));
        assertThat(of(d, MistRule.HOT).isEmpty()).isEqualTo(sheltered);
    }

    // ---- what the day does with the water

    private static Optional<Finding> moist(ForecastStub f, RuleId rule) {
        return MoistureRule.judge(f.input()).stream()
                .filter(x -> x.rule().equals(rule))
                .findFirst();
    }

    @ParameterizedTest
    @CsvSource({"8, false", "8.1, true"})
    void aFrontThatIsWetForLongIsSaid(double hours, boolean said) {
        Optional<Finding> f = moist(new ForecastStub().winter(hours, 0, 0), MoistureRule.FOG);
        assertThat(f.isPresent()).isEqualTo(said);
        f.ifPresent(x -> assertThat(x.measure("hours").value()).isCloseTo(hours * 3600, within(1e-6)));
    }

    @ParameterizedTest
    @CsvSource({"0.5, 0.15, false", "0.5, 0.151, true", "0, 0, false", "0, 0.2, false"})
    void mistThatRunsThroughIsSaid(double sprayed, double drained, boolean said) {
        Optional<Finding> f = moist(new ForecastStub().winter(0, sprayed, drained), MoistureRule.DRAINS);
        assertThat(f.isPresent()).isEqualTo(said);
        f.ifPresent(x -> assertThat(x.measure("share").value()).isCloseTo(drained / sprayed, within(1e-9)));
    }

    @Test
    void nothingIsSaidOfADayThatIsNotKnownOrOfWhatLivesInWater() {
        assertThat(MoistureRule.judge(new ForecastStub().input())).isEmpty();
        ForecastStub newt = new ForecastStub()
                .winter(20, 1, 1)
                .animal(TestSpecies.frog().with("land_fraction_max", 0.05).with("land_fraction_min", 0));
        assertThat(MoistureRule.judge(newt.input())).isEmpty();
    }

    private static Design withHide(String kind, Map<String, Object> measures) {
        OtherFields kept = OtherFields.NONE;
        for (Map.Entry<String, Object> m : measures.entrySet()) {
            kept = kept.with(m.getKey(), BigDecimal.valueOf((double) m.getValue()));
        }
        HardscapeItem hide = new HardscapeItem(
                "hide",
                Optional.empty(),
                Optional.of("cork"),
                Optional.empty(),
                List.of(new Point(0.1, 0.1), new Point(0.3, 0.1), new Point(0.3, 0.3), new Point(0.1, 0.3)),
                OptionalDouble.of(0.1),
                0.1,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.of(false),
                Fixing.UNSAID,
                Optional.of(new HardscapeItem.Hide(kind, kept)),
                Optional.empty(),
                OtherFields.NONE);
        return TestDesigns.box(1.2, 0.6, 0.6, TestDesigns.soil("sand_play", 0.1))
                .withHardscape(List.of(hide));
    }

    /** derived: the balance of damp ground against an opening, by hand for a hide of 2 l, 40 cm², 150 cm² wet at 80 %. */
    @Test
    void theAirOfARetreatIsABalance() {
        ForecastStub f = new ForecastStub().winter(0, 0, 0).everywhere(25, 27, 0, 0.006);
        Design d =
                withHide("humid", Map.of("volume_l", 2.0, "opening_cm2", 40.0, "wet_area_cm2", 150.0, "wetness", 0.8));
        List<Finding> found = MoistureRule.judge(f.input(d));
        double gives = 1.5 * 0.015 * 0.8 / (1006 * 0.90);
        double leaves = 1.19 * (0.02 * 40e-4 + 0.002 * 0.5 / 3600);
        double inside = (gives * MoistAir.saturated(27, 101_325) + leaves * 0.006) / (gives + leaves);
        double share = MoistAir.relative(inside, 26, 101_325);
        assertThat(found).singleElement().satisfies(x -> {
            assertThat(x.rule()).isEqualTo(MoistureRule.RETREAT);
            assertThat(x.measure("inside").value()).isCloseTo(share, within(0.002));
            assertThat(x.severity()).isEqualTo(share >= 0.7 ? Severity.GOOD : Severity.CAUTION);
        });
    }

    @ParameterizedTest
    @CsvSource({"4000, GOOD, ''", "5, CAUTION, dry"})
    void aRetreatIsDampEnough(double wetArea, Severity severity, String words) {
        ForecastStub f = new ForecastStub().winter(0, 0, 0).everywhere(25, 27, 0, 0.004);
        Design d = withHide("humid", Map.of("wet_area_cm2", wetArea));
        Finding found = MoistureRule.judge(f.input(d)).get(0);
        assertThat(found.severity()).isEqualTo(severity);
        assertThat(found.variant()).isEqualTo(words);
        assertThat(found.measure("wanted").value()).isEqualTo(0.7);
        assertThat(found.measure("inside").value()).isLessThanOrEqualTo(1);
        assertThat(found.remedies())
                .extracting(Remedy::key)
                .isEqualTo(words.isEmpty() ? List.of() : List.of("wet-retreat"));
    }

    @Test
    void onlyHumidHidesOfWhatWantsOneCount() {
        ForecastStub f = new ForecastStub().winter(0, 0, 0).everywhere(25, 27, 0, 0.004);
        assertThat(MoistureRule.judge(f.input(withHide("cool", Map.of())))).isEmpty();
        ForecastStub dry = new ForecastStub()
                .animal(TestSpecies.lizard().with("needs_humid_retreat", 0))
                .winter(0, 0, 0)
                .everywhere(25, 27, 0, 0.004);
        assertThat(MoistureRule.judge(dry.input(withHide("humid", Map.of())))).isEmpty();
    }
}
