package tanah.core.animal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.catalogue.Species;
import tanah.core.design.Resident;
import tanah.core.testing.TestSpecies;

/** Is the box enough: examples worked by hand from the rules (common practice), and laws that always hold. */
class SpaceTest {

    /** Columns: min length, depth, height, adult, hatchling, months, grow-out %, climbs, box, limit, g*, month. */
    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "collared lizard,      120, 60, 60, 30, 9,   18, 50, 1, 88.8,  43.8, 40, HEIGHT, 0.741, 5.96",
        "giant millipede x4,   60,  40, 40, 25, 0.5, 36, 40, 1, 73.8,  43.8, 30, HEIGHT, 0.833, 21.3",
        "corn snake,           120, 60, 60, 125, 28, 30, 35, 2, 88.8,  43.8, 43, AREA,   0.775, 12.4",
        "pond slider,          200, 90, 80, 25, 3,   60, 25, 0, 118.4, 48.4, 49, AREA,   0.595, 15.5",
    })
    void agreesWithTheWorkedExamples(
            String name,
            double minLength,
            double minDepth,
            double minHeight,
            double adult,
            double hatchling,
            double months,
            double growOut,
            double climbs,
            double l,
            double w,
            double h,
            Space.Limit limit,
            double ratio,
            double month) {
        Species s = TestSpecies.lizard()
                .with("min_length_cm", minLength)
                .with("min_depth_cm", minDepth)
                .with("min_height_cm", minHeight)
                .with("total_length_adult_cm", adult)
                .with("hatchling_length_cm", hatchling)
                .with("months_to_adult", months)
                .with("grow_out_pct", growOut)
                .with("climbs", climbs)
                .with("extra_floor_pct", 25);
        int count = name.endsWith("x4") ? 4 : 1;
        double free = name.startsWith("corn") ? h - 10 : h;
        Space space = Space.compute(aged(s, count, 0), new Space.Box(l / 100, w / 100, h / 100, free / 100));
        assertThat(space.ratio()).isCloseTo(ratio, within(0.0006));
        assertThat(space.limit()).isEqualTo(limit);
        assertThat(space.lasts().orElseThrow()).isCloseTo(month, within(0.06));
    }

    @Test
    void sixMourningGeckosFitForLifeAndTheFloorCarriesTen() {
        Species s = TestSpecies.frog()
                .with("min_length_cm", 30)
                .with("min_depth_cm", 30)
                .with("min_height_cm", 45)
                .with("extra_floor_pct", 15)
                .with("total_length_adult_cm", 9)
                .with("hatchling_length_cm", 3.5)
                .with("months_to_adult", 10)
                .with("climbs", 3);
        Space space = Space.compute(aged(s, 6, 12), new Space.Box(0.438, 0.438, 0.58, 0.58));
        assertThat(space.ratio()).isCloseTo(1.163, within(0.001));
        assertThat(space.isForLife()).isTrue();
        assertThat(space.scaleNow()).isCloseTo(0.983, within(0.001));
        assertThat(space.mostGrown()).isEqualTo(OptionalInt.of(10));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.1, 0.25, 0.5, 0.75, 1, 1.5})
    void growthIsTheUsualCurveAndItsInverse(double share) {
        Growth growth = new Growth(0.30, 0.09, 18, new tanah.core.catalogue.Range(0.7, 1.5));
        double length = growth.lengthAt(share * 18);
        double[] grown = {0.259, 0.528, 0.777, 0.895, 0.950, 0.989};
        int i = List.of(0.1, 0.25, 0.5, 0.75, 1.0, 1.5).indexOf(share);
        assertThat((length - 0.09) / 0.21).isCloseTo(grown[i], within(0.0006));
        assertThat(growth.ageAt(length).orElseThrow()).isCloseTo(share * 18, within(1e-9));
    }

    @Test
    void lengthAndDepthMayBeSwapped() {
        Inhabitant animal = aged(TestSpecies.lizard(), 1, 0);
        Space a = Space.compute(animal, new Space.Box(0.9, 0.5, 0.5, 0.4));
        Space b = Space.compute(animal, new Space.Box(0.5, 0.9, 0.5, 0.4));
        assertThat(a).isEqualTo(b);
    }

    @Test
    void moreRoomNeverShortensAndMoreAnimalsNeverLengthenTheStay() {
        Species s = TestSpecies.lizard();
        double before = stay(s, 1, 0.80, 0.40, 0.40);
        assertThat(stay(s, 1, 0.85, 0.40, 0.40)).isGreaterThanOrEqualTo(before);
        assertThat(stay(s, 1, 0.80, 0.45, 0.40)).isGreaterThanOrEqualTo(before);
        assertThat(stay(s, 1, 0.80, 0.40, 0.45)).isGreaterThanOrEqualTo(before);
        assertThat(stay(s, 2, 0.80, 0.40, 0.40)).isLessThanOrEqualTo(before);
    }

    private static double stay(Species s, int count, double l, double w, double h) {
        return Space.compute(aged(s, count, 0), new Space.Box(l, w, h, h))
                .lasts()
                .orElse(Double.MAX_VALUE);
    }

    private static Inhabitant aged(Species s, int count, double months) {
        Resident r = new Resident(
                "a",
                s.id(),
                count,
                OptionalInt.empty(),
                OptionalDouble.of(months),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                List.of());
        return new Inhabitant(r, s, s);
    }
}
