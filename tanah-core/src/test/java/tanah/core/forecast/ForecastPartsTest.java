package tanah.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import tanah.core.climate.AfterPlanting;
import tanah.core.failure.Failure;
import tanah.core.failure.FailureCourse;
import tanah.core.time.Season;

/** Electricity of a year, drainage in a failure. */
class ForecastPartsTest {
    /** 100 W for ten hours of the coldest day and half of that on the hottest. */
    @Test
    void electricityOfAYear() {
        Energy e = new Energy(100.0 * 10 * 3600, 100.0 * 5 * 3600);
        assertThat(e.day(Season.WINTER)).isCloseTo(1, within(1e-12));
        assertThat(e.day(Season.SUMMER)).isCloseTo(0.5, within(1e-12));
        assertThat(e.month(Season.WINTER)).isCloseTo(365 / 12.0, within(1e-9));
        assertThat(e.year(Energy.HALF_A_YEAR)).isCloseTo(182.5 + 91.25, within(1e-9));
        assertThat(e.year(0)).isCloseTo(182.5, within(1e-9));
        assertThat(e.year(365)).isCloseTo(365, within(1e-9));
        assertThatThrownBy(() -> e.year(366)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> e.year(-1)).isInstanceOf(IllegalArgumentException.class);
    }

    /** 6 l in 12 hours into a drainage of 4 l: full after 8. */
    @Test
    void drainageIsFullAfterItsVolume() {
        Failure stuck = new Failure(Failure.Kind.MISTING, "", 12, Season.SUMMER);
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
