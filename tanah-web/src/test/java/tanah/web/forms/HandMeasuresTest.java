package tanah.web.forms;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HandMeasuresTest {
    @ParameterizedTest
    @CsvSource({"1, 1", "1000, 1", "1001, 2", "3370, 4"})
    void springtailsComeInWholeCultures(double count, int cultures) {
        assertThat(HandMeasures.cultures(count)).isEqualTo(cultures);
    }

    @Test
    void aCupIsAQuarterOfALitre() {
        assertThat(HandMeasures.cups(0.0025)).isEqualTo("10");
        assertThat(HandMeasures.cups(0.00001)).as("never none").isEqualTo("1");
    }
}
