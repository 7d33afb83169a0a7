package tanah.core.climaterule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.catalogue.Species;
import tanah.core.design.Device;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.need.Extent;
import tanah.core.need.Want;
import tanah.core.testing.ForecastStub;
import tanah.core.testing.TestSpecies;

/**
 * UV of a lizard of zone 3: it wants an index of 3 to 5 where it basks and bears 7.4 anywhere (Ferguson et al. 2010). The band of the
 * stub is 40 %, an old tube has lost 30 %.
 */
class UvRuleTest {
    private static Species sunny() {
        return TestSpecies.lizard()
                .with("uvi_bask_min", 3)
                .with("uvi_bask_max", 5)
                .with("uv_zone", 3)
                .with("uv_school", "required");
    }

    private static ForecastStub lit(double peak, double resting, double shade, double z) {
        return new ForecastStub()
                .animal(sunny())
                .days()
                .lamp(Device.of("t", "tube", Device.Spot.at(0.6, 0.3, z)), 24, z, Optional.empty())
                .extent(
                        Want.UV,
                        new Extent(resting, resting, 0.4 * resting),
                        new Extent(resting, resting, 0.4 * resting))
                .light(peak, resting, shade, 0);
    }

    private static Optional<Finding> of(ForecastStub f, RuleId rule) {
        return UvRule.judge(f.input()).stream()
                .filter(x -> x.rule().equals(rule))
                .findFirst();
    }

    private static List<String> keys(Finding f) {
        return f.remedies().stream().map(Remedy::key).toList();
    }

    @ParameterizedTest
    @CsvSource({"required, STOP", "recommended, CAUTION", "optional, HINT", "unneeded, ", "'', "})
    void aBoxWithoutUvIsJudgedByTheSchool(String school, Severity severity) {
        ForecastStub f = new ForecastStub().animal(sunny().with("uv_school", school));
        List<Finding> found = UvRule.judge(f.input());
        if (severity == null) {
            assertThat(found).isEmpty();
            return;
        }
        assertThat(found).singleElement().satisfies(x -> {
            assertThat(x.rule()).isEqualTo(UvRule.ABSENT);
            assertThat(x.severity()).isEqualTo(severity);
            assertThat(x.variant()).isEqualTo(school);
            assertThat(x.measure("low").value()).isEqualTo(3);
            assertThat(x.measure("high").value()).isEqualTo(5);
        });
    }

    @ParameterizedTest
    @CsvSource({
        // peak, verdict; the limit is 7.4 and the band of 40 % reaches it from 5.2857
        "5.28, GOOD,    ''",
        "5.29, CAUTION, maybe",
        "7.40, CAUTION, maybe",
        "7.41, STOP,    ''"
    })
    void noPlaceInReachIsTooBright(double peak, Severity severity, String words) {
        Finding f = of(lit(peak, 4, 0.5, 0.5), UvRule.HIGH).orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.variant()).isEqualTo(words);
        assertThat(f.measure("limit").value()).isEqualTo(7.4);
        if (severity == Severity.STOP) {
            assertThat(keys(f)).containsExactly("raise-uv", "find-equipment");
        }
    }

    @ParameterizedTest
    @CsvSource({"1, 1.4", "2, 3.0", "3, 7.4", "4, 9.5", "5, 9.5", "0, 1.4"})
    void theLimitIsThatOfTheZone(double zone, double limit) {
        ForecastStub f = lit(1, 1, 0.5, 0.5)
                .animal(sunny().with("uv_zone", zone).with("uvi_bask_min", 0.5).with("uvi_bask_max", 1));
        assertThat(of(f, UvRule.HIGH).orElseThrow().measure("limit").value()).isEqualTo(limit);
    }

    @Test
    void aWishOverTheZoneWidensIt() {
        ForecastStub f = lit(1, 1, 0.5, 0.5).animal(sunny().with("uv_zone", 1));
        assertThat(of(f, UvRule.HIGH).orElseThrow().measure("limit").value()).isEqualTo(5);
    }

    @ParameterizedTest
    @CsvSource({
        // new, band shut out: the rows below are far enough inside that only the old lamp or the end decides
        "2.99, uv.low,  CAUTION, ''",
        "5.01, uv.zone, CAUTION, high",
        "3.50, uv.low,  HINT,    old",
        "4.29, uv.zone, HINT,    maybe"
    })
    void theBaskingPlaceHasEnoughAndNotTooMuch(double resting, String rule, Severity severity, String words) {
        Finding f = of(lit(resting, resting, 0.5, 0.5), new RuleId(rule)).orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.variant()).isEqualTo(words);
        assertThat(f.measure("new").value()).isEqualTo(resting);
        assertThat(f.measure("old").value()).isCloseTo(0.7 * resting, within(1e-12));
        assertThat(f.measure("band").value()).isCloseTo(0.4 * resting, within(1e-12));
    }

    @Test
    void aNarrowBandInTheMiddleIsGood() {
        ForecastStub f = lit(4.5, 4.5, 0.5, 0.5).extent(Want.UV, 4.5, 4.5, 0.1);
        assertThat(of(f, UvRule.ZONE).orElseThrow().severity()).isEqualTo(Severity.GOOD);
    }

    @Test
    void aMeasuredAgeingHoldsBeforeTheUsualOne() {
        Device aged = Device.of("t", "tube", Device.Spot.at(0.6, 0.3, 0.5))
                .withRunning(new Device.Running(Optional.empty(), OptionalDouble.empty(), OptionalDouble.of(0.1)));
        ForecastStub f = new ForecastStub()
                .animal(sunny())
                .days()
                .lamp(aged, 24, 0.5, Optional.empty())
                .extent(Want.UV, 3.5, 3.5, 0.1)
                .light(4, 3.5, 0.5, 0);
        assertThat(of(f, UvRule.ZONE).orElseThrow().measure("old").value()).isCloseTo(3.15, within(1e-12));
    }

    /** Light falls with the distance to the power 1.4: from an index of 1 to the middle of 4 takes 0.371 of the way. */
    @Test
    void aWeakLampIsHungNearer() {
        Finding f = of(lit(1, 1, 0.5, 0.58).platform(0.6, 0.1), UvRule.LOW).orElseThrow();
        double way = 0.58 - 0.1 - 0.03;
        double to = 0.1 + 0.03 + way * Math.pow(1 / 4.0, 1 / 1.4);
        assertThat(keys(f)).containsExactly("hang-uv", "find-equipment");
        assertThat(f.remedies().get(0).measures().get(0).value()).isCloseTo(Math.round(to * 100) / 100.0, within(1e-9));
    }

    @Test
    void noLampIsHungNearerThanItMay() {
        Finding f =
                of(lit(0.01, 0.01, 0.5, 0.58).platform(0.6, 0.1), UvRule.LOW).orElseThrow();
        assertThat(f.remedies().get(0).measures().get(0).value()).isCloseTo(0.25, within(1e-9));
    }

    @Test
    void noLampIsHungThroughTheLid() {
        Finding f = of(lit(7, 5.5, 0.5, 0.58).platform(0.6, 0.1), UvRule.ZONE).orElseThrow();
        assertThat(f.remedies().get(0).measures().get(0).value()).isCloseTo(0.57, within(1e-9));
    }

    @Test
    void aLampAtTheAnimalIsMovedByHand() {
        Finding f = of(lit(1, 1, 0.5, 0.18).platform(0.6, 0.1), UvRule.LOW).orElseThrow();
        assertThat(keys(f)).containsExactly("move-uv", "find-equipment");
    }

    @ParameterizedTest
    @CsvSource({"0.199, CAUTION, little", "0.2, GOOD, ''", "0.201, GOOD, ''"})
    void aFifthOfTheGroundIsShade(double share, Severity severity, String words) {
        Finding f = of(lit(4, 4, share, 0.5), UvRule.SHADE).orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.variant()).isEqualTo(words);
    }

    @Test
    void aTubeIsReplacedBeforeItGoesDark() {
        Finding f = of(lit(4, 4, 0.5, 0.5), UvRule.LIFE).orElseThrow();
        assertThat(f.severity()).isEqualTo(Severity.HINT);
        assertThat(f.measure("months").value()).isEqualTo(12);
        assertThat(f.measure("aged").value()).isEqualTo(0.3);
        assertThat(f.measure("old").value()).isCloseTo(2.8, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource({"required, STOP", "recommended, CAUTION", "optional, CAUTION"})
    void aLampBehindGlassGivesNothing(String school, Severity severity) {
        ForecastStub f = lit(0, 0, 1, 0.62).stoppedLight().animal(sunny().with("uv_school", school));
        List<Finding> found = UvRule.judge(f.input());
        assertThat(found).singleElement().satisfies(x -> {
            assertThat(x.rule()).isEqualTo(UvRule.GLASS);
            assertThat(x.severity()).isEqualTo(severity);
            assertThat(keys(x)).containsExactly("lamp-inside", "mesh-lid");
        });
    }

    @Test
    void whoWantsNoUvIsNotToldHowToLetItIn() {
        ForecastStub f = lit(0, 0, 1, 0.62).stoppedLight().animal(TestSpecies.frog());
        assertThat(UvRule.judge(f.input())).singleElement().satisfies(x -> {
            assertThat(x.rule()).isEqualTo(UvRule.UNWANTED);
            assertThat(keys(x)).containsExactly("take-out");
        });
    }

    @Test
    void uvThatNobodyWantsStillHasItsLimits() {
        ForecastStub f = lit(2, 2, 0.1, 0.5).animal(TestSpecies.frog());
        List<Finding> found = UvRule.judge(f.input());
        assertThat(found)
                .extracting(Finding::rule)
                .containsExactly(UvRule.UNWANTED, UvRule.HIGH, UvRule.SHADE, UvRule.LIFE);
        assertThat(found.get(1).severity()).isEqualTo(Severity.STOP);
    }
}
