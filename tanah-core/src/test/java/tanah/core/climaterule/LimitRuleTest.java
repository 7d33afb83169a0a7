package tanah.core.climaterule;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.need.ClimatePlace;
import tanah.core.testing.ForecastStub;
import tanah.core.testing.TestSpecies;
import tanah.core.time.Season;

/** Hard limits of the lizard (5 and 42 °C) and of the frog (10 and 26 °C), each below, at and above. */
class LimitRuleTest {
    private static Optional<Finding> of(List<Finding> all, RuleId rule) {
        return all.stream().filter(f -> f.rule().equals(rule)).findFirst();
    }

    @ParameterizedTest
    @CsvSource({"40.9, 1.0, ", "41.0, 1.0, ", "41.1, 1.0, CAUTION", "42.0, 1.0, CAUTION", "42.01, 0, STOP", "42.0, 0, "
    })
    void theCoolEndOnTheHottestDay(double value, double half, Severity severity) {
        ForecastStub f = new ForecastStub().extreme(ClimatePlace.COOL_AIR, Season.SUMMER, true, value, half);
        Optional<Finding> found = of(LimitRule.judge(f.input()), LimitRule.HIGH);
        assertThat(found.map(Finding::severity)).isEqualTo(Optional.ofNullable(severity));
        found.ifPresent(x -> {
            assertThat(x.variant()).isEqualTo(severity == Severity.STOP ? "" : "maybe");
            assertThat(x.measure("limit").value()).isEqualTo(42);
            assertThat(x.measure("band").value()).isEqualTo(half);
            assertThat(x.place().stage()).isEqualTo(Stage.HEAT);
            assertThat(x.remedies()).extracting(Remedy::key).containsExactly("less-heat", "cooler-room");
        });
    }

    @ParameterizedTest
    @CsvSource({"4.99, 0, STOP", "5, 0, ", "5, 0.1, CAUTION", "5.2, 0.1, "})
    void theWarmEndInTheColdestNight(double value, double half, Severity severity) {
        ForecastStub f = new ForecastStub().extreme(ClimatePlace.WARM_AIR, Season.WINTER, false, value, half);
        Optional<Finding> found = of(LimitRule.judge(f.input()), LimitRule.LOW);
        assertThat(found.map(Finding::severity)).isEqualTo(Optional.ofNullable(severity));
        found.ifPresent(x -> {
            assertThat(x.measure("limit").value()).isEqualTo(5);
            assertThat(x.remedies()).extracting(Remedy::key).containsExactly("heat-at-night");
        });
    }

    @ParameterizedTest
    @CsvSource({"26, 0, ", "26.1, 0, STOP", "25.9, 0.2, CAUTION"})
    void theWaterOfWhatWantsWater(double value, double half, Severity severity) {
        ForecastStub f = new ForecastStub()
                .animal(TestSpecies.frog())
                .extreme(ClimatePlace.WATER, Season.SUMMER, true, value, half);
        Optional<Finding> found = of(LimitRule.judge(f.input()), LimitRule.HIGH);
        assertThat(found.map(Finding::severity)).isEqualTo(Optional.ofNullable(severity));
        found.ifPresent(x -> {
            assertThat(x.place().stage()).isEqualTo(Stage.WATER);
            assertThat(x.variant()).isEqualTo(severity == Severity.STOP ? "water" : "watermaybe");
        });
    }

    @Test
    void eachPlaceSpeaksForItself() {
        ForecastStub f = new ForecastStub()
                .animal(TestSpecies.frog())
                .extreme(ClimatePlace.WATER, Season.SUMMER, true, 27, 0)
                .extreme(ClimatePlace.COOL_AIR, Season.SUMMER, true, 28, 0)
                .extreme(ClimatePlace.WATER, Season.WINTER, false, 9, 0)
                .extreme(ClimatePlace.WARM_AIR, Season.WINTER, false, 8, 0);
        assertThat(LimitRule.judge(f.input()))
                .extracting(Finding::rule)
                .containsExactly(LimitRule.HIGH, LimitRule.HIGH, LimitRule.LOW, LimitRule.LOW);
    }

    /** The room of the stub is 26 °C; the limit of the lizard 42 °C. */
    @Test
    void noHeatIsTakenWhereNoneIsOrWhereTheRoomAloneIsTooWarm() {
        ForecastStub cool = new ForecastStub().extreme(ClimatePlace.COOL_AIR, Season.SUMMER, true, 43, 0);
        assertThat(of(LimitRule.judge(cool.input()), LimitRule.HIGH)
                        .orElseThrow()
                        .remedies())
                .extracting(Remedy::key)
                .containsExactly("less-heat", "cooler-room");
        ForecastStub hot = cool.summer(42);
        assertThat(of(LimitRule.judge(hot.input()), LimitRule.HIGH)
                        .orElseThrow()
                        .remedies())
                .extracting(Remedy::key)
                .containsExactly("cooler-room");
    }

    @ParameterizedTest
    @CsvSource({"23, false", "23.01, true"})
    void aRoomOverTheWishOfTheWaterIsAStopForTheWater(double room, boolean stops) {
        ForecastStub f = new ForecastStub().animal(TestSpecies.frog()).pool().summer(room);
        Optional<Finding> found = of(LimitRule.judge(f.input()), LimitRule.ROOM);
        assertThat(found.isPresent()).isEqualTo(stops);
        found.ifPresent(x -> {
            assertThat(x.place().stage()).isEqualTo(Stage.WATER);
            assertThat(x.measure("limit").value()).isEqualTo(23);
            assertThat(x.remedies()).extracting(Remedy::key).containsExactly("cooler-room", "chiller");
        });
    }

    @Test
    void withoutWaterTheWishOfTheWaterDoesNotCount() {
        ForecastStub f = new ForecastStub().animal(TestSpecies.frog()).summer(25);
        assertThat(LimitRule.judge(f.input())).isEmpty();
    }
}
