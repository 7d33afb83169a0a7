package tanah.core.climaterule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.design.Device;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.forecast.WaterHeat;
import tanah.core.testing.ForecastStub;
import tanah.core.testing.TestSpecies;

/** The heater of a frog's water: wanted 18 to 23 °C, hard limit 26 °C. Loss of 2 W/K, 20 litres. */
class WaterHeatRuleTest {
    private static final double CAPACITY = 20 * 4180;
    private static final double LOSS = 2;

    /** Water that stands at {@code cold} by night in winter and {@code hot} by day in summer without a heater. */
    private static WaterHeat heat(boolean planned, double power, double cold, double hot, double need, double size) {
        return new WaterHeat(
                planned,
                power,
                20,
                need,
                size > 0 ? OptionalDouble.of(size) : OptionalDouble.empty(),
                cold,
                cold + power / LOSS,
                hot,
                hot + power / LOSS,
                LOSS,
                CAPACITY);
    }

    private static Device heater(Optional<String> second) {
        Device d = Device.of("heater", "heater-25", Device.Spot.at(0.1, 0.3, 0.05));
        return second.map(s -> d.withThermostat(Optional.of(new Device.Thermostat(
                        Optional.of(s),
                        Optional.of("on_off"),
                        OptionalDouble.of(21),
                        OptionalDouble.of(21),
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        Optional.empty()))))
                .orElse(d);
    }

    private static List<Finding> judge(WaterHeat h, double half, Device... heaters) {
        ForecastStub f = new ForecastStub().animal(TestSpecies.frog());
        for (Device d : heaters) {
            f.heater(d, h.power() / heaters.length);
        }
        return WaterHeatRule.judge(f.water(h, half).input());
    }

    private static Finding of(List<Finding> all, RuleId rule) {
        return all.stream().filter(f -> f.rule().equals(rule)).findFirst().orElseThrow();
    }

    private static List<String> keys(Finding f) {
        return f.remedies().stream().map(Remedy::key).toList();
    }

    @ParameterizedTest
    @CsvSource({"17.99, true", "18, false", "18.01, false"})
    void waterThatTheRoomKeepsWarmNeedsNoHeater(double cold, boolean needed) {
        List<Finding> found = judge(heat(false, needed ? 25 : 0, cold, 22, 5, 25), 0);
        assertThat(found.get(0).rule()).isEqualTo(needed ? WaterHeatRule.SMALL : WaterHeatRule.NEEDLESS);
        if (!needed) {
            assertThat(found).hasSize(1);
            assertThat(found.get(0).severity()).isEqualTo(Severity.GOOD);
            assertThat(found.get(0).measure("margin").value()).isCloseTo(cold - 18, within(1e-9));
        }
    }

    @Test
    void aHeaterThatIsNotNeededIsAHintAndMayStillStick() {
        List<Finding> found = judge(heat(true, 25, 19, 22, 0, 0), 0, heater(Optional.empty()));
        assertThat(of(found, WaterHeatRule.NEEDLESS).severity()).isEqualTo(Severity.HINT);
        // 22 + 12.5 K
        assertThat(of(found, WaterHeatRule.STUCK).severity()).isEqualTo(Severity.STOP);
    }

    @Test
    void aSizeIsNamedWhereNoneIsPlanned() {
        Finding f = of(judge(heat(false, 25, 15, 20, 10, 25), 0), WaterHeatRule.SMALL);
        assertThat(f.severity()).isEqualTo(Severity.CAUTION);
        assertThat(f.remedies().get(0).measures().get(0).value()).isEqualTo(25);
        Finding none = of(judge(heat(false, 0, 5, 20, 900, 0), 0), WaterHeatRule.SMALL);
        assertThat(none.severity()).isEqualTo(Severity.STOP);
        assertThat(none.variant()).isEqualTo("none");
    }

    @ParameterizedTest
    @CsvSource({
        // need, cold water, verdict: 25 W raises by 12.5 K; 19.23 W is 25 W over the reserve of 1.3
        "19.2, 10, GOOD, planned",
        "19.3, 10, CAUTION, tight",
        "19.2, 7.0, STOP, small",
        "19.2, 6.9, STOP, small",
        "19.2, 7.1, GOOD, planned"
    })
    void aPlannedHeaterHoldsTheColdestNightWithAReserve(double need, double cold, Severity severity, String words) {
        Finding f = of(judge(heat(true, 25, cold, 20, need, 50), 0, heater(Optional.empty())), WaterHeatRule.SMALL);
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.variant()).isEqualTo(words);
        assertThat(f.measure("power").value()).isEqualTo(25);
    }

    @Test
    void aLargerHeaterIsOnlyOfferedWhereItCannotOverheat() {
        // needs 30 W with the reserve 39: 50 W would do, but 50 W in summer pass 26 °C: 2 W/K x 6 K are 12 W
        WaterHeat h = heat(true, 25, 7, 20, 30, 50);
        assertThat(keys(of(judge(h, 0, heater(Optional.empty())), WaterHeatRule.SMALL)))
                .containsExactly("warmer-room-water");
        Finding second = of(judge(h, 0, heater(Optional.of("thermostat-onoff-1000"))), WaterHeatRule.SMALL);
        assertThat(keys(second)).containsExactly("larger-heater", "warmer-room-water");
        assertThat(second.remedies().get(0).measures().get(0).value()).isEqualTo(50);
    }

    @ParameterizedTest
    @CsvSource({
        // warmest stuck = hot + 12.5 K against 26 °C
        "13.5, 0,   , ",
        "13.4, 0.2, CAUTION, maybe",
        "13.6, 0,   STOP, ''"
    })
    void aControlThatSticksIsAStop(double hot, double half, Severity severity, String words) {
        List<Finding> found = judge(heat(true, 25, 10, hot, 5, 25), half, heater(Optional.empty()));
        Optional<Finding> stuck =
                found.stream().filter(f -> f.rule().equals(WaterHeatRule.STUCK)).findFirst();
        assertThat(stuck.map(Finding::severity)).isEqualTo(Optional.ofNullable(severity));
        stuck.ifPresent(f -> {
            assertThat(f.variant()).isEqualTo(words);
            assertThat(f.measure("stuck").value()).isCloseTo(hot + 12.5, within(1e-9));
            assertThat(f.measure("limit").value()).isEqualTo(26);
            assertThat(f.measure("most").value()).isCloseTo(2 * (26 - hot), within(1e-9));
        });
    }

    /** From 22 °C towards 34.5 °C with a time constant of 20 l x 4180 J/K over 2 W/K, 26 °C is passed after 4.48 h. */
    @Test
    void theHoursToTheLimitAreSaid() {
        Finding f = of(judge(heat(true, 25, 10, 22, 5, 25), 0, heater(Optional.empty())), WaterHeatRule.STUCK);
        double hours = CAPACITY / LOSS * Math.log(12.5 / 8.5) / 3600;
        assertThat(f.measure("hours").value() / 3600).isCloseTo(hours, within(1e-9));
        assertThat(hours).isCloseTo(4.48, within(0.005));
    }

    @Test
    void aSecondControlInLineMakesItACaution() {
        WaterHeat h = heat(true, 25, 10, 22, 5, 25);
        Finding bare = of(judge(h, 0, heater(Optional.of("built_in"))), WaterHeatRule.STUCK);
        assertThat(bare.severity()).isEqualTo(Severity.STOP);
        assertThat(keys(bare)).containsExactly("second-control");
        Finding second = of(judge(h, 0, heater(Optional.of("thermostat-onoff-1000"))), WaterHeatRule.STUCK);
        assertThat(second.severity()).isEqualTo(Severity.CAUTION);
        assertThat(second.variant()).isEqualTo("second");
        assertThat(keys(second)).containsExactly("try-controls");
    }

    @Test
    void theSecondControlKeepsTheWarmthThatWasSet() {
        Finding planned =
                of(judge(heat(true, 25, 10, 22, 5, 25), 0, heater(Optional.of("built_in"))), WaterHeatRule.STUCK);
        Remedy.Action.Press press =
                (Remedy.Action.Press) planned.remedies().get(0).action();
        assertThat(((tanah.core.design.edit.DeviceEdit.Control) press.change()).set())
                .isEqualTo(21);
        Finding bare = of(judge(heat(true, 25, 10, 22, 5, 25), 0, heater(Optional.empty())), WaterHeatRule.STUCK);
        Remedy.Action.Press plain = (Remedy.Action.Press) bare.remedies().get(0).action();
        assertThat(((tanah.core.design.edit.DeviceEdit.Control) plain.change()).set())
                .isEqualTo(20);
    }

    @Test
    void aSmallerHeaterThatStillHoldsIsOffered() {
        // 100 W planned; 25 W hold 15 W with the reserve, and 25 W cannot pass 26 °C from 13 °C: 2 x 13 = 26 W
        Finding f = of(judge(heat(true, 100, 10, 13, 15, 25), 0, heater(Optional.empty())), WaterHeatRule.STUCK);
        assertThat(keys(f)).containsExactly("smaller-heater", "second-control");
        assertThat(f.remedies().get(0).measures().get(0).value()).isEqualTo(25);
    }

    @Test
    void severalHeatersAreChangedByHand() {
        Device one = heater(Optional.empty());
        Device other = Device.of("other", "heater-25", Device.Spot.NOWHERE);
        WaterHeat h = heat(true, 50, 10, 22, 5, 25);
        assertThat(keys(of(judge(h, 0, one, other), WaterHeatRule.STUCK))).containsExactly("second-thermostat");
        Device guarded = heater(Optional.of("thermostat-onoff-1000"));
        Finding half = of(judge(h, 0, guarded, other), WaterHeatRule.STUCK);
        assertThat(half.severity()).as("one of two has no second control").isEqualTo(Severity.STOP);
    }

    @Test
    void aSizeThatWouldOverheatIsACautionBeforeItIsBought() {
        Finding f = of(judge(heat(false, 25, 10, 22, 5, 25), 0), WaterHeatRule.STUCK);
        assertThat(f.severity()).isEqualTo(Severity.CAUTION);
        assertThat(f.variant()).isEqualTo("size");
    }

    @Test
    void withoutAWishForWaterNothingIsSaid() {
        ForecastStub f = new ForecastStub().water(heat(true, 25, 10, 22, 5, 25), 0);
        assertThat(WaterHeatRule.judge(f.input())).isEmpty();
        assertThat(WaterHeatRule.judge(
                        new ForecastStub().animal(TestSpecies.frog()).days().input()))
                .isEmpty();
    }

    @Test
    void itsNotesAreKnown() {
        List<Finding> found = judge(heat(true, 25, 10, 22, 5, 25), 0, heater(Optional.empty()));
        assertThat(found).isNotEmpty().allMatch(WaterHeatRule::isOf);
        assertThat(NeedRule.judge(new ForecastStub()
                        .days()
                        .extent(tanah.core.need.Want.HUMIDITY_DAY, 0, 0, 0)
                        .input()))
                .noneMatch(WaterHeatRule::isOf);
    }
}
