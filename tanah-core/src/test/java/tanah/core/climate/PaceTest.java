package tanah.core.climate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.box.ClimateCase;
import tanah.core.box.Factors;
import tanah.core.climate.engine.Grid;
import tanah.core.climate.engine.Network;
import tanah.core.climate.engine.ThermalState;

/** Long steps only where nothing is switched, nothing sprays and nothing moves. */
class PaceTest {
    private static final double STEP = 300;
    private static final int DAY = 288;
    private static final Drill NONE = Drill.quiet(0, 0);
    private static final ClimateCase DRY = TestBox.of(0.6, 0.5);

    /** A room of 18 °C by night and 22 by day, from 6 to 23 h. */
    private static Pace pace(ClimateCase c) {
        ClimateCase.Outside day = new ClimateCase.Outside(22, 0.5);
        ClimateCase.Outside night = new ClimateCase.Outside(18, 0.5);
        return new Pace(c, new Weather(c, new ClimateCase.RoomCourse(day, night, 6, 23)));
    }

    private static Pace after(ClimateCase c, double kelvin, double humidity) {
        Network net = new Network(new Grid(c), Factors.ONE);
        Pace pace = pace(c);
        ThermalState before = ThermalState.even(net, 20, 0.005);
        pace.moved(net, before, ThermalState.even(net, 20 + kelvin, 0.005 + humidity), STEP);
        return pace;
    }

    private static int steps(Pace pace, double hour) {
        return pace.steps((int) Math.round(hour * 12), DAY, STEP, NONE, false);
    }

    @ParameterizedTest
    @CsvSource({"0, 0, 3", "0.066, 0, 3", "0.067, 0, 1", "-0.067, 0, 1", "0, 3.3e-5, 3", "0, 3.4e-5, 1", "0, -3.4e-5, 1"
    })
    void whatMovedByMoreThanAFifthOfAKelvinInAQuarterOfAnHourIsFollowed(double kelvin, double humidity, int expected) {
        assertThat(steps(after(DRY, kelvin, humidity), 12)).isEqualTo(expected);
    }

    @Test
    void theFirstStepIsShort() {
        assertThat(steps(pace(DRY), 12)).isOne();
    }

    @ParameterizedTest
    @CsvSource({
        "7.75, 3",
        "7.8333333, 1",
        "7.9166667, 1",
        "8, 1",
        "8.0833333, 3",
        "19.75, 3",
        "19.9166667, 1",
        "20, 1",
        "20.0833333, 3"
    })
    void lightThatGoesOnOrOffIsMetByShortSteps(double hour, int expected) {
        assertThat(steps(after(DRY, 0, 0), hour)).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({"4.5, 3", "5.25, 1", "6, 1", "6.75, 1", "7.25, 3"})
    void aRoomThatWarmsIsMetByShortSteps(double hour, int expected) {
        assertThat(steps(after(DRY, 0, 0), hour)).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({"13.75, 3", "13.8333333, 1", "14, 1", "14.0833333, 3"})
    void mistIsMetByShortSteps(double hour, int expected) {
        ClimateCase.Mist mist = new ClimateCase.Mist(List.of(new ClimateCase.Spray(14, 0.05)), 0.03, 0.30, 0.12);
        assertThat(steps(after(DRY.withMist(mist), 0, 0), hour)).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({"9.75, 3", "9.9166667, 1", "10, 1", "10.5, 3", "10.9166667, 1", "11, 1"})
    void aFailureBeginsAndEndsInShortSteps(double hour, int expected) {
        Pace pace = after(DRY, 0, 0);
        assertThat(pace.steps((int) Math.round(hour * 12), DAY, STEP, Drill.quiet(10, 1), false))
                .isEqualTo(expected);
    }

    @Test
    void longStepsStayWithinTheRunAndWithinWhatIsStable() {
        Pace pace = after(DRY, 0, 0);
        assertThat(pace.steps(147, 150, STEP, NONE, false)).isEqualTo(3);
        assertThat(pace.steps(148, 150, STEP, NONE, false)).isOne();
        assertThat(pace.steps(12 * 6, 144, 600, NONE, false)).isOne();
        assertThat(pace.steps(12 * 12, DAY, STEP, NONE, true)).isOne();
    }
}
