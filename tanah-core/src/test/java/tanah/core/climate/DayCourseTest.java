package tanah.core.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Statistics of a day: by equal steps, blocks also over midnight. */
class DayCourseTest {
    private static final int STEPS = 288; // of five minutes

    /** A day whose room temperature is given by step; lit from 8 to 20. */
    @SuppressWarnings("NullAway") // no place is read
    private static DayCourse day(IntToDoubleFunction celsius) {
        List<DayCourse.Sample> samples = new ArrayList<>();
        for (int i = 0; i < STEPS; i++) {
            double hour = (i + 0.5) * 24 / STEPS;
            samples.add(
                    new DayCourse.Sample(hour, hour > 8 && hour < 20, celsius.applyAsDouble(i), 0.5, null, List.of()));
        }
        return new DayCourse(samples, null, 0, 0, 0, 0, 0, 0);
    }

    @ParameterizedTest
    @CsvSource({"0, 0", "0.1, 14.3", "0.5, 71.5", "0.9, 128.7", "1, 143"})
    void aQuantileLiesBetweenTheStepsInProportion(double share, double expected) {
        DayCourse d = day(i -> (i - 96 + STEPS) % STEPS); // 0 to 143 while lit
        assertThat(d.quantile(true, share, s -> s.room()).orElseThrow()).isCloseTo(expected, within(1e-9));
        assertThat(d.quantile(false, share, s -> s.room()).orElseThrow()).isCloseTo(144 + expected, within(1e-9));
    }

    @Test
    void anHourOfTheDayIsTwelveSteps() {
        DayCourse d = day(i -> i >= 100 && i < 112 ? 30 : 20);
        DayCourse.Block hot = d.block(1, true, s -> s.room());
        assertThat(hot.mean()).isCloseTo(30, within(1e-9));
        assertThat(hot.from()).isCloseTo(100 * 24.0 / STEPS, within(1e-9));
        assertThat(d.block(2, true, s -> s.room()).mean()).isCloseTo(25, within(1e-9));
        assertThat(d.block(1, false, s -> s.room()).mean()).isCloseTo(20, within(1e-9));
    }

    @Test
    void aQuarterOfAnHourIsThreeSteps() {
        DayCourse d = day(i -> i == 50 ? 32 : 20);
        assertThat(d.block(0.25, true, s -> s.room()).mean()).isCloseTo(24, within(1e-9));
    }

    @Test
    void aBlockGoesOverMidnight() {
        DayCourse d = day(i -> i >= 282 || i < 6 ? 10 : 20);
        DayCourse.Block cold = d.block(1, false, s -> s.room());
        assertThat(cold.mean()).isCloseTo(10, within(1e-9));
        assertThat(cold.from()).isCloseTo(23.5, within(1e-9));
    }
}
