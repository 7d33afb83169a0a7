package tanah.core.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.box.Factors;
import tanah.core.climate.engine.Grid;
import tanah.core.climate.engine.Network;
import tanah.core.climate.engine.ThermalState;

/** A step is guessed where the one before tells, and only while nothing is switched. */
class AheadTest {
    private static final double QUIET = 0.05; // K
    private static final Ahead.Setting SAME = new Ahead.Setting(new double[] {1, 0.5}, true, Set.of(), 1, false);

    private final Network net = new Network(new Grid(TestBox.of(0.9, 0.5)), Factors.ONE);

    /** After a step of 300 s by so much. */
    private Ahead after(double kelvin) {
        Ahead ahead = new Ahead(net);
        assertThat(ahead.tells(SAME, 300, QUIET))
                .as("the first step has none before it")
                .isFalse();
        ThermalState to = ThermalState.even(net, 20 + kelvin, 0.01);
        ahead.went(ThermalState.even(net, 20, 0.008), to, 300);
        return ahead;
    }

    @ParameterizedTest
    @CsvSource({"0.049, 300, false", "0.051, 300, true", "-0.051, 300, true", "0.02, 900, true", "0.016, 900, false"})
    void aStepThatHardlyMovesIsNotGuessed(double kelvin, double step, boolean guessed) {
        assertThat(after(kelvin).tells(SAME, step, QUIET)).isEqualTo(guessed);
    }

    @Test
    void itGoesOnAsBefore() {
        ThermalState guess = after(0.2).guess(ThermalState.even(net, 21, 0.01), 150, new ThermalState(net));
        assertThat(guess.air[0]).isCloseTo(21.1, within(1e-9));
        assertThat(guess.ground[0]).isCloseTo(21.1, within(1e-9));
        assertThat(guess.humidity[0]).isCloseTo(0.011, within(1e-12));
    }

    @Test
    void whatIsSwitchedIsNotGuessed() {
        for (Ahead.Setting other : List.of(
                new Ahead.Setting(new double[] {1, 0.4}, true, Set.of(), 1, false),
                new Ahead.Setting(new double[] {1, 0.5}, false, Set.of(), 1, false),
                new Ahead.Setting(new double[] {1, 0.5}, true, Set.of(1), 1, false),
                new Ahead.Setting(new double[] {1, 0.5}, true, Set.of(), 0.1, false),
                new Ahead.Setting(new double[] {1, 0.5}, true, Set.of(), 1, true))) {
            Ahead ahead = after(1);
            assertThat(ahead.tells(other, 300, QUIET)).as("%s", other).isFalse();
            assertThat(ahead.tells(SAME, 300, QUIET))
                    .as("nor the step after %s", other)
                    .isFalse();
        }
        assertThat(after(1).tells(SAME, 300, QUIET)).isTrue();
    }
}
