package tanah.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.catalogue.Range;
import tanah.core.climate.AfterPlanting;
import tanah.core.failure.Failure;
import tanah.core.failure.FailureCourse;
import tanah.core.need.Expected;
import tanah.core.need.Expected.Standing;
import tanah.core.need.Extent;

/** Numbers with their bands against what is wanted, electricity of a year, drainage in a failure. */
class ForecastPartsTest {
    private static final Range WANTED = new Range(20, 26);

    @ParameterizedTest
    @CsvSource({
        "19.9, 0.5, BELOW",
        "26.1, 5, ABOVE",
        "23, 1, WITHIN",
        "20.5, 1, MAY_BE_BELOW",
        "25.5, 1, MAY_BE_ABOVE",
        "23, 3, WITHIN",
        "23, 3.5, MAY_BE_ABOVE",
        "20, 0, WITHIN",
        "26, 0, WITHIN"
    })
    void aNumberStandsAgainstARange(double value, double half, Standing standing) {
        assertThat(new Expected(value, half).against(WANTED)).isEqualTo(standing);
    }

    @ParameterizedTest
    @CsvSource({
        // winter, summer, half, standing, past, reach
        "21, 25, 0.5, WITHIN, -1, 0",
        "19, 25, 0.5, BELOW, 1, 18.5",
        "21, 28, 0.5, ABOVE, 2, 28.5",
        "28, 21, 0.5, ABOVE, 2, 28.5",
        "18, 30, 0.5, ABOVE, 4, 30.5",
        "15, 30, 0.5, BELOW, 5, 14.5",
        "20.2, 24, 1, MAY_BE_BELOW, -0.2, 19.2",
        "22, 25.8, 1, MAY_BE_ABOVE, -0.2, 26.8"
    })
    void theWorseEndOfTheYearCounts(
            double winter, double summer, double half, Standing standing, double past, double reach) {
        Extent x = Extent.of(new Expected(winter, half), new Expected(summer, half / 2));
        assertThat(x.half()).isEqualTo(half);
        assertThat(x.against(WANTED)).isEqualTo(standing);
        assertThat(x.past(WANTED)).isCloseTo(past, within(1e-9));
        if (standing != Standing.WITHIN) {
            assertThat(x.reach(WANTED)).isCloseTo(reach, within(1e-9));
        }
    }

    /** 100 W for ten hours of the coldest day and half of that on the hottest. */
    @Test
    void electricityOfAYear() {
        Energy e = new Energy(100.0 * 10 * 3600, 100.0 * 5 * 3600);
        assertThat(e.day(false)).isCloseTo(1, within(1e-12));
        assertThat(e.day(true)).isCloseTo(0.5, within(1e-12));
        assertThat(e.month(false)).isCloseTo(365 / 12.0, within(1e-9));
        assertThat(e.year(Energy.HALF_A_YEAR)).isCloseTo(182.5 + 91.25, within(1e-9));
        assertThat(e.year(0)).isCloseTo(182.5, within(1e-9));
        assertThat(e.year(365)).isCloseTo(365, within(1e-9));
        assertThatThrownBy(() -> e.year(366)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> e.year(-1)).isInstanceOf(IllegalArgumentException.class);
    }

    /** 6 l in 12 hours into a drainage of 4 l: full after 8. */
    @Test
    void drainageIsFullAfterItsVolume() {
        Failure stuck = new Failure(Failure.Kind.MISTING, "", 12, true);
        FailureCourse p = new FailureCourse(stuck, 9, List.of(), List.of(), 10, 6);
        assertThat(p.full(0.004).orElseThrow()).isCloseTo(8, within(1e-9));
        assertThat(p.full(0)).isEmpty();
        assertThat(new FailureCourse(stuck, 9, List.of(), List.of(), 10, 0).full(0.004))
                .isEmpty();
    }

    @Test
    void aPlantingSettlesWhenItComesNearItsLastDay() {
        assertThat(new AfterPlanting(List.of(0.95, 0.90, 0.855, 0.84, 0.83, 0.83), 1).settled())
                .hasValue(3);
        assertThat(new AfterPlanting(List.of(0.8, 0.8, 0.8), 0).settled()).hasValue(1);
        assertThat(new AfterPlanting(List.of(), 0).settled()).isEmpty();
        assertThat(new AfterPlanting(List.of(0.95, 0.9, 0.85, 0.8, 0.75), 0).isOpen())
                .isTrue();
        assertThat(new AfterPlanting(List.of(0.95, 0.805, 0.80, 0.80, 0.80), 0).isOpen())
                .isFalse();
    }
}
