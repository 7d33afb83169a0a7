package tanah.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Species;
import tanah.core.testing.TestSpecies;

/** Waste by the mass and the meals of now, and of a grown one. */
class CycleWaysTest {
    private static final Species FROG = TestSpecies.frog()
            .with("mass_adult_g", 40)
            .with("feed_interval_days_adult", 4)
            .with("feed_interval_days_juvenile", 2);
    private static final double GROWN = CycleWays.grownLoad(TestSpecies.inhabitant(FROG, 1));

    private static Inhabitant of(OptionalDouble length, OptionalDouble mass) {
        Inhabitant a = TestSpecies.inhabitant(FROG, 1);
        return new Inhabitant(a.resident().withLength(length).withMass(mass), a.profile(), a.row());
    }

    @Test
    void aGrownAnimalIsAsGrown() {
        assertThat(GROWN).isPositive();
        assertThat(CycleWays.load(of(OptionalDouble.empty(), OptionalDouble.empty())))
                .isCloseTo(GROWN, within(GROWN * 1e-12));
    }

    /** Half as long is an eighth of the mass; young below 0.6 of the length it eats twice as often. A grown frog is 8 cm long. */
    @ParameterizedTest
    @CsvSource({"0.04, 0.25", "0.0479, 0.42933", "0.0481, 0.21737", "0.08, 1", "0.09, 1"})
    void massGoesWithTheCubeOfTheLength(double length, double share) {
        assertThat(CycleWays.load(of(OptionalDouble.of(length), OptionalDouble.empty())) / GROWN)
                .isCloseTo(share, within(1e-4));
    }

    /** Weighed is better than reckoned; a heavy one brings more than a usual grown one. */
    @ParameterizedTest
    @CsvSource({"0.02, 0.5", "0.04, 1", "0.06, 1.5"})
    void whatIsWeighedCounts(double kilograms, double share) {
        assertThat(CycleWays.load(of(OptionalDouble.empty(), OptionalDouble.of(kilograms))) / GROWN)
                .isCloseTo(share, within(1e-9));
    }

    @Test
    void aYoungOneIsNotTakenForAGrownOne() {
        Inhabitant young = of(OptionalDouble.of(0.02), OptionalDouble.empty());
        assertThat(CycleWays.grownLoad(young)).isEqualTo(GROWN);
        assertThat(CycleWays.load(List.of(young))).isLessThan(GROWN / 10);
    }
}
