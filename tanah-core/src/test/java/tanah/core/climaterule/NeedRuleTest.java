package tanah.core.climaterule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.design.Device;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.need.ClimatePlace;
import tanah.core.need.Extent;
import tanah.core.need.Want;
import tanah.core.testing.ForecastStub;
import tanah.core.testing.TestGear;
import tanah.core.testing.TestSpecies;
import tanah.core.time.SeasonPhase;

/** Each need of a lizard just inside, at and just outside of what it wants: 40 to 46 °C on its slab, 29 to 35 at the warm end. */
class NeedRuleTest {
    private static ForecastStub heated() {
        return new ForecastStub()
                .lamp(
                        Device.of("spot", "spot", Device.Spot.at(0.6, 0.3, 0.7)),
                        TestGear.SPOT.power(),
                        0.7,
                        Optional.empty());
    }

    private static Optional<Finding> of(List<Finding> all, RuleId rule) {
        return all.stream().filter(f -> f.rule().equals(rule)).findFirst();
    }

    private static List<String> keys(Finding f) {
        return f.remedies().stream().map(Remedy::key).toList();
    }

    @ParameterizedTest
    @CsvSource({
        "39.99, 39.99, 0.0, CAUTION, low_winter",
        "40.00, 40.00, 0.0, GOOD,    ''",
        "40.01, 40.01, 0.5, HINT,    maybe_low_winter",
        "43.00, 43.00, 2.9, GOOD,    ''",
        "46.00, 46.00, 0.0, GOOD,    ''",
        "45.90, 45.90, 0.2, HINT,    maybe_high_winter",
        "46.01, 46.01, 0.0, CAUTION, high_winter"
    })
    void aPlaceToBaskIsJudgedAtBothEnds(double low, double high, double half, Severity severity, String words) {
        List<Finding> found = NeedRule.judge(
                heated().days().extent(Want.BASKING, low, high, half).input());
        Finding f = of(found, NeedRule.BASKING).orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.variant()).isEqualTo(words);
        assertThat(f.place().stage()).isEqualTo(Stage.HEAT);
        assertThat(f.measure("low").value()).isEqualTo(40);
        assertThat(f.measure("high").value()).isEqualTo(46);
        assertThat(f.measure("band").value()).isCloseTo(half, within(1e-12));
    }

    @Test
    void theWorseSeasonSpeaks() {
        Extent cold = new Extent(27, 30, 0);
        Extent hot = new Extent(30, 36, 0);
        Finding f = of(
                        NeedRule.judge(
                                heated().days().extent(Want.WARM, cold, hot).input()),
                        NeedRule.WARM)
                .orElseThrow();
        assertThat(f.variant()).isEqualTo("low_winter");
        assertThat(f.measure("value").value()).isEqualTo(27);
        Finding swapped = of(
                        NeedRule.judge(heated().days()
                                .extent(Want.WARM, new Extent(28.5, 30, 0), hot)
                                .input()),
                        NeedRule.WARM)
                .orElseThrow();
        assertThat(swapped.variant()).isEqualTo("high_summer");
        assertThat(swapped.measure("value").value()).isEqualTo(36);
    }

    @Test
    void nothingIsGoodBeforeTheWholeDayIsKnown() {
        ForecastStub early = heated().extent(Want.COOL, 24, 26, 0.5).extent(Want.WARM, 20, 20, 0);
        List<Finding> found = NeedRule.judge(early.input());
        assertThat(of(found, NeedRule.COOL)).isEmpty();
        assertThat(of(found, NeedRule.WARM).orElseThrow().severity()).isEqualTo(Severity.CAUTION);
        assertThat(of(NeedRule.judge(early.days().input()), NeedRule.COOL)
                        .orElseThrow()
                        .severity())
                .isEqualTo(Severity.GOOD);
    }

    @Test
    void humidityWaitsForTheWholeDay() {
        ForecastStub dry = heated().extent(Want.HUMIDITY_DAY, 0.1, 0.1, 0);
        assertThat(NeedRule.judge(dry.input())).isEmpty();
        Finding f = of(NeedRule.judge(dry.days().input()), NeedRule.DRY).orElseThrow();
        assertThat(f.variant()).isEqualTo("day");
        assertThat(keys(f)).containsExactly("mist-more", "find-equipment");
    }

    @ParameterizedTest
    @CsvSource({
        "0.149, 0,    climate.rh.low,  CAUTION, day",
        "0.150, 0,    climate.rh.low,  GOOD,    day",
        "0.200, 0.06, climate.rh.low,  HINT,    maybe_day",
        "0.400, 0,    climate.rh.low,  GOOD,    day",
        "0.390, 0.05, climate.rh.high, HINT,    maybe_day",
        "0.401, 0,    climate.rh.high, CAUTION, day"
    })
    void airIsTooDryOrTooDamp(double share, double half, String rule, Severity severity, String words) {
        Finding f = of(
                        NeedRule.judge(heated().days()
                                .extent(Want.HUMIDITY_DAY, share, share, half)
                                .input()),
                        new RuleId(rule))
                .orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.variant()).isEqualTo(words);
        if (rule.equals("climate.rh.high") && severity == Severity.CAUTION) {
            assertThat(keys(f)).containsExactly("air-more", "find-equipment");
        }
    }

    @Test
    void whatIsOfferedFitsTheFault() {
        ForecastStub f = heated().days().extent(Want.WARM, 20, 20, 0).extent(Want.COOL, 30, 30, 0);
        List<Finding> found =
                NeedRule.judge(f.extent(Want.NIGHT, 21.9, 21.9, 0.5).input());
        assertThat(keys(of(found, NeedRule.WARM).orElseThrow())).containsExactly("find-equipment", "more-heat");
        assertThat(keys(of(found, NeedRule.COOL).orElseThrow())).containsExactly("find-equipment", "less-heat");
        assertThat(keys(of(found, NeedRule.NIGHT).orElseThrow())).containsExactly("measure-there");
    }

    /** The cool end wants 28 °C at most: no search and no weaker lamp brings it under a room that is warmer. */
    @ParameterizedTest
    @CsvSource({"28, find-equipment less-heat", "28.1, cooler-room less-heat"})
    void whereTheRoomIsTooWarmTheRoomIsChanged(double room, String remedies) {
        ForecastStub f = heated().days().extent(Want.COOL, 30, 30, 0).summer(room);
        Finding cool = of(NeedRule.judge(f.input()), NeedRule.COOL).orElseThrow();
        assertThat(keys(cool)).containsExactly(remedies.split(" "));
        ForecastStub bare =
                new ForecastStub().days().extent(Want.COOL, 30, 30, 0).summer(room);
        assertThat(keys(of(NeedRule.judge(bare.input()), NeedRule.COOL).orElseThrow()))
                .containsExactly(room > 28 ? new String[] {"cooler-room"} : remedies.split(" "));
    }

    @Test
    void coldWaterAsksForAHeaterOfTheWater() {
        ForecastStub f = heated().animal(TestSpecies.frog()).days().extent(Want.WATER, 17, 19, 0);
        Finding cold = of(NeedRule.judge(f.input()), NeedRule.WATER).orElseThrow();
        assertThat(cold.place().stage()).isEqualTo(Stage.WATER);
        assertThat(keys(cold)).containsExactly("find-equipment", "plan-heater");
    }

    // ---- a box in which nothing heats

    @Test
    void aBoxWithoutHeatIsToldOnce() {
        ForecastStub cold = new ForecastStub()
                .days()
                .extent(Want.BASKING, 20, 20, 0)
                .extent(Want.WARM, 20, 20, 0)
                .extent(Want.COOL, 20, 20, 0);
        assertThat(NeedRule.judge(cold.input())).isEmpty();
        Finding f = HeatRule.judge(cold.input()).orElseThrow();
        assertThat(f.severity()).isEqualTo(Severity.STOP);
        assertThat(f.variant()).isEqualTo("basking");
        assertThat(f.measure("low").value()).isEqualTo(40);
        assertThat(keys(f)).containsExactly("find-equipment", "more-heat");
    }

    @Test
    void withoutAWishToBaskItIsACaution() {
        ForecastStub cold = new ForecastStub().animal(TestSpecies.frog()).days().extent(Want.WARM, 17, 17, 0);
        Finding f = HeatRule.judge(cold.input()).orElseThrow();
        assertThat(f.severity()).isEqualTo(Severity.CAUTION);
        assertThat(f.variant()).isEmpty();
        assertThat(f.measure("value").value()).isEqualTo(17);
        assertThat(f.measure("low").value()).isEqualTo(21);
    }

    @Test
    void dryAirIsNoWantOfHeat() {
        ForecastStub dry = new ForecastStub().days().extent(Want.HUMIDITY_DAY, 0.1, 0.1, 0);
        assertThat(HeatRule.judge(dry.input())).isEmpty();
        assertThat(NeedRule.judge(dry.input())).hasSize(1);
    }

    @Test
    void tooMuchHeatIsNoWantOfHeat() {
        ForecastStub hot = new ForecastStub().days().extent(Want.WARM, 36, 36, 0);
        assertThat(HeatRule.judge(hot.input())).isEmpty();
        assertThat(of(NeedRule.judge(hot.input()), NeedRule.WARM)).isPresent();
    }

    @ParameterizedTest
    @CsvSource({"14.9, false", "15, true", "100, true"})
    void aLampUnderFifteenWattsIsNoHeater(double watts, boolean heats) {
        ForecastStub f = new ForecastStub()
                .lamp(Device.of("s", "spot", Device.Spot.NOWHERE), watts, 0.7, Optional.empty())
                .days()
                .extent(Want.WARM, 20, 20, 0);
        assertThat(HeatRule.judge(f.input()).isEmpty()).isEqualTo(heats);
    }

    @Test
    void aHeaterOfTheWaterDoesNotWarmTheBox() {
        ForecastStub f = new ForecastStub()
                .heater(Device.of("h", "heater-25", Device.Spot.NOWHERE), 25)
                .days()
                .extent(Want.WARM, 20, 20, 0);
        assertThat(HeatRule.judge(f.input())).isPresent();
    }

    // ---- warmth along the box: half of the wished difference, 32 - 25 = 7 K, is 3.5 K

    @ParameterizedTest
    @CsvSource({
        "28.49, 25, 25, 25, HINT, flat",
        "28.50, 25, 25, 25, GOOD, ''",
        "28.51, 25, 25, 25, GOOD, ''",
        "25,    25, 28.49, 25, HINT, flat",
        "25,    25, 28.51, 25, GOOD, ''"
    })
    void endsThatAreToDifferDo(
            double warm, double cool, double warmGround, double coolGround, Severity severity, String words) {
        ForecastStub f = heated().expect(ClimatePlace.WARM_AIR, SeasonPhase.WINTER_DAY, warm)
                .expect(ClimatePlace.COOL_AIR, SeasonPhase.WINTER_DAY, cool)
                .expect(ClimatePlace.WARM_GROUND, SeasonPhase.WINTER_DAY, warmGround)
                .expect(ClimatePlace.COOL_GROUND, SeasonPhase.WINTER_DAY, coolGround);
        Finding found = of(GradientRule.judge(f.input()), GradientRule.GRADIENT).orElseThrow();
        assertThat(found.severity()).isEqualTo(severity);
        assertThat(found.variant()).isEqualTo(words);
        assertThat(found.measure("wish").value()).isEqualTo(7);
        assertThat(found.measure("air").value()).isCloseTo(warm - cool, within(1e-9));
        assertThat(found.measure("ground").value()).isCloseTo(warmGround - coolGround, within(1e-9));
    }

    @Test
    void withoutLandOnlyTheAirIsCompared() {
        ForecastStub f = heated().expect(ClimatePlace.WARM_AIR, SeasonPhase.WINTER_DAY, 26)
                .expect(ClimatePlace.COOL_AIR, SeasonPhase.WINTER_DAY, 25)
                .expect(ClimatePlace.WARM_GROUND, SeasonPhase.WINTER_DAY, 40);
        Finding found = of(GradientRule.judge(f.input()), GradientRule.GRADIENT).orElseThrow();
        assertThat(found.variant()).isEqualTo("flat_air");
        assertThat(found.measures()).hasSize(2);
        Finding good = of(
                        GradientRule.judge(f.expect(ClimatePlace.WARM_AIR, SeasonPhase.WINTER_DAY, 30)
                                .input()),
                        GradientRule.GRADIENT)
                .orElseThrow();
        assertThat(good.variant()).isEqualTo("air");
    }

    @ParameterizedTest
    @CsvSource({"23.99, false", "24, true"})
    void aSmallDifferenceIsNoWish(double warmMax, boolean judged) {
        // warm 22 to 24 and cool 20 to 22: middles 2 K apart
        var species = TestSpecies.frog()
                .with("warm_air_min_c", 22)
                .with("warm_air_max_c", warmMax)
                .with("cool_air_min_c", 20)
                .with("cool_air_max_c", 22);
        ForecastStub f = new ForecastStub()
                .animal(species)
                .expect(ClimatePlace.WARM_AIR, SeasonPhase.WINTER_DAY, 22)
                .expect(ClimatePlace.COOL_AIR, SeasonPhase.WINTER_DAY, 22);
        assertThat(of(GradientRule.judge(f.input()), GradientRule.GRADIENT).isPresent())
                .isEqualTo(judged);
    }

    @Test
    void aSpotLampThatNobodyBasksUnderIsSaid() {
        ForecastStub f = heated().animal(TestSpecies.frog());
        Finding nowhere =
                of(GradientRule.judge(f.input()), GradientRule.UNWANTED).orElseThrow();
        assertThat(nowhere.variant()).isEqualTo("nowhere");
        Finding spot = of(
                        GradientRule.judge(f.expect(ClimatePlace.BASKING, SeasonPhase.SUMMER_DAY, 33)
                                .input()),
                        GradientRule.UNWANTED)
                .orElseThrow();
        assertThat(spot.variant()).isEmpty();
        assertThat(spot.severity()).isEqualTo(Severity.CAUTION);
        assertThat(spot.measure("spot").value()).isEqualTo(33);
        assertThat(of(GradientRule.judge(heated().input()), GradientRule.UNWANTED))
                .isEmpty();
    }

    @Test
    void aDarkHeaterIsNoPlaceToBask() {
        ForecastStub f = new ForecastStub()
                .animal(TestSpecies.frog())
                .lamp(Device.of("c", "ceramic", Device.Spot.NOWHERE), 60, 0.7, Optional.empty());
        assertThat(of(GradientRule.judge(f.input()), GradientRule.UNWANTED)).isEmpty();
    }

    // ---- what the model says of itself

    @Test
    void aModelThatDidNotSettleSaysSo() {
        ForecastStub f = new ForecastStub().unsettled(0.4);
        RuleInput j = f.input();
        Finding said = of(ModelRule.judge(j.design(), f.forecast()), ModelRule.UNSETTLED)
                .orElseThrow();
        assertThat(said.measure("change").value()).isEqualTo(0.4);
        f.unsettled(Double.POSITIVE_INFINITY);
        assertThat(of(ModelRule.judge(j.design(), f.forecast()), ModelRule.UNSETTLED)
                        .orElseThrow()
                        .measure("change")
                        .value())
                .isEqualTo(99);
        ForecastStub calm = new ForecastStub();
        assertThat(ModelRule.judge(calm.input().design(), calm.forecast())).isEmpty();
    }

    @Test
    void anotherShapeThanABoxIsComputedAsOneAndSaysSo() {
        ForecastStub f = new ForecastStub().round();
        assertThat(of(ModelRule.judge(f.input().design(), f.forecast()), ModelRule.SHAPE))
                .isPresent();
    }

    @ParameterizedTest
    @CsvSource({
        "bright,      nocturnal, 49.9e-6, true",
        "bright,      nocturnal, 50.0e-6, false",
        "very bright, diurnal,   49.9e-6, true",
        "shade,       diurnal,   4.99e-6, true",
        "shade,       diurnal,   5.00e-6, false",
        "shade,       nocturnal, 0,       false"
    })
    void anAnimalOfBrightPlacesHasLight(String note, String activity, double photons, boolean dark) {
        ForecastStub f = new ForecastStub()
                .animal(TestSpecies.lizard().with("light_note", note).with("activity", activity))
                .light(0, 0, 1, photons);
        assertThat(!ModelRule.light(f.input()).isEmpty()).isEqualTo(dark);
    }

    @Test
    void uvHasARuleOfItsOwn() {
        ForecastStub f = heated().days().extent(Want.UV, 1, 1, 0);
        f.animal(TestSpecies.lizard().with("uvi_bask_min", 2).with("uvi_bask_max", 3));
        assertThat(NeedRule.judge(f.input())).isEmpty();
    }
}
