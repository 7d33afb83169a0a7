package tanah.core.design.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Fitting;
import tanah.core.design.HeatDay;
import tanah.core.design.Schedule;
import tanah.core.testing.TestMedia;

/** Each number of a device is the one that is set, and setting it leaves every other as it was. */
class DeviceNumberTest {
    private static final EditContext CONTEXT = new EditContext(TestMedia.catalogue(), LocalDate.of(2026, 3, 1));

    /** These speak of the same thing: the day's set point alone, or with that of the night. */
    private static final Set<DeviceNumber> SET_POINTS =
            EnumSet.of(DeviceNumber.SETPOINT, DeviceNumber.SET_DAY, DeviceNumber.SET_NIGHT);

    private static final Device FULL = Device.of("d", "flood-75", Device.Spot.at(0.1, 0.2, 0.3))
            .withRunning(new Device.Running(
                    Optional.of(Schedule.clock(7, 9)), OptionalDouble.of(0.8), OptionalDouble.of(0.2)))
            .withThermostat(new Device.Thermostat(
                    Optional.of("thermostat-onoff-300"),
                    Optional.of("on_off"),
                    OptionalDouble.of(32),
                    OptionalDouble.of(24),
                    OptionalDouble.of(2),
                    OptionalDouble.empty(),
                    Optional.of("warm")))
            .withCircuit(Optional.of(new Device.Circuit(
                    OptionalDouble.of(0.4),
                    List.of(
                            new Device.Stretch(0.6, 0.012, OptionalDouble.empty(), Map.of("elbow_90", 2, "exit", 1)),
                            new Device.Stretch(0.2, 0.008, OptionalDouble.empty(), Map.of())))));

    @ParameterizedTest
    @EnumSource(DeviceNumber.class)
    void aNumberIsTakenAndNothingElseChanges(DeviceNumber number) {
        Device changed = number.set(FULL, OptionalDouble.of(3));
        assertThat(number.of(changed)).hasValue(3);
        for (DeviceNumber other : DeviceNumber.values()) {
            if (other != number && !(SET_POINTS.contains(other) && SET_POINTS.contains(number))) {
                assertThat(other.of(changed)).as(other.word()).isEqualTo(other.of(FULL));
            }
        }
    }

    @Test
    void aNewSetPointOfTheDayLeavesTheNightWhereItWas() {
        assertThat(DeviceNumber.SET_NIGHT.of(DeviceNumber.SET_DAY.set(FULL, OptionalDouble.of(30))))
                .hasValue(24);
        Device oneForBoth = FULL.withThermostat(FULL.thermostat().orElseThrow().withNight(OptionalDouble.empty()));
        assertThat(DeviceNumber.SET_NIGHT.of(oneForBoth)).hasValue(32);
        assertThat(DeviceNumber.SET_NIGHT.of(DeviceNumber.SET_DAY.set(oneForBoth, OptionalDouble.of(36))))
                .as("a night that followed the day stays where it was")
                .hasValue(32);
        Device both = DeviceNumber.SETPOINT.set(FULL, OptionalDouble.of(26));
        assertThat(DeviceNumber.SET_DAY.of(both)).hasValue(26);
        assertThat(DeviceNumber.SET_NIGHT.of(both)).hasValue(26);
    }

    @Test
    void withoutAControlOnlyAWaterHeaterGetsOne() {
        Device bare = Device.of("d", "x", Device.Spot.NOWHERE);
        assertThat(DeviceNumber.SET_DAY.set(bare, OptionalDouble.of(30))).isEqualTo(bare);
        Device warm = DeviceNumber.SETPOINT.set(bare, OptionalDouble.of(25));
        assertThat(warm.thermostat()).contains(Device.Thermostat.builtIn(25));
        assertThat(DeviceNumber.HYSTERESIS.of(bare)).hasValue(1);
        assertThat(DeviceNumber.TUBE.of(bare)).isEmpty();
    }

    @Test
    void theFirstNumberOfALineMakesTheLine() {
        Device bare = Device.of("d", "x", Device.Spot.NOWHERE);
        Device line = DeviceNumber.ELBOWS.set(bare, OptionalDouble.of(2));
        Device.Stretch made = DeviceNumber.firstStretch(line).orElseThrow();
        assertThat(made.fittings()).containsExactlyInAnyOrderEntriesOf(Map.of("strainer", 1, "exit", 1, "elbow_90", 2));
        assertThat(made.length()).isEqualTo(0.5);
        assertThat(made.bore()).isEqualTo(0.009);
        Device straight = DeviceNumber.ELBOWS.set(line, OptionalDouble.of(0));
        assertThat(DeviceNumber.firstStretch(straight).orElseThrow().fittings()).doesNotContainKey("elbow_90");
        assertThat(DeviceNumber.ELBOWS
                        .set(FULL, OptionalDouble.of(5))
                        .circuit()
                        .orElseThrow()
                        .stretches()
                        .get(1))
                .as("the second stretch")
                .isEqualTo(FULL.circuit().orElseThrow().stretches().get(1));
    }

    @Test
    void aValveIsFittedAndTakenOut() {
        Design d = Design.named("x").withDevices(List.of(FULL));
        Design fitted = new DeviceEdit.FitValve("d", true).apply(d, CONTEXT);
        assertThat(first(fitted).fittings())
                .containsEntry(Fitting.CHECK_VALVE.word(), 1)
                .containsEntry("elbow_90", 2);
        assertThat(new DeviceEdit.FitValve("d", false).apply(fitted, CONTEXT)).isEqualTo(d);
    }

    private static Device.Stretch first(Design d) {
        return DeviceNumber.firstStretch(d.device("d").orElseThrow()).orElseThrow();
    }

    @ParameterizedTest
    @EnumSource(RectNumber.class)
    void oneEdgeOfAMatIsMoved(RectNumber edge) {
        Device.Rect rect = new Device.Rect(0.1, 0.2, 0.5, 0.6);
        Device.Rect moved = edge.set(rect, 0.33);
        for (RectNumber other : RectNumber.values()) {
            assertThat(other.of(moved)).isEqualTo(other == edge ? 0.33 : other.of(rect));
        }
        Design d = Design.named("x").withDevices(List.of(FULL));
        assertThat(new DeviceEdit.LayOn("d", moved)
                        .apply(d, CONTEXT)
                        .device("d")
                        .orElseThrow()
                        .laid()
                        .rect())
                .contains(moved);
    }

    @ParameterizedTest
    @EnumSource(DayNumber.class)
    void anHourOfTheLampsDayIsSet(DayNumber number) {
        Design d = Design.named("x").withHeat(new HeatDay(OptionalDouble.of(11), OptionalDouble.of(6)));
        Design changed = new PlanEdit.SetDay(number, 9 * 3600).apply(d, CONTEXT);
        assertThat(changed.heat().hours()).isEqualTo(number == DayNumber.PHOTOPERIOD ? 9 : 11);
        assertThat(changed.heat().start()).isEqualTo(number == DayNumber.DAY_START ? 9 : 6);
        assertThat(number.of(changed.heat())).isEqualTo(9 * 3600);
    }
}
