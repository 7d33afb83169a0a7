package tanah.web.design.overlay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.design.HeatDay;
import tanah.core.finding.Stage;
import tanah.core.time.Season;

/** Whatever stands in an address, there is a sensible look at the climate. */
class ClimateLookTest {
    private static final HeatDay DAY = new HeatDay(OptionalDouble.of(12), OptionalDouble.of(8));

    private static ClimateLook look(String field, String lines, String season, String hour, String x, Stage stage) {
        return ClimateLook.of(
                new SheetOptions("section", "", null, 700, 400, field, lines, season, hour, x, x, x, null, null),
                stage,
                DAY);
    }

    @Test
    void eachStageHasItsOwnLook() {
        ClimateLook heat = look(null, null, null, null, null, Stage.HEAT);
        assertThat(heat.fill()).isEqualTo(FieldKind.AIR);
        assertThat(heat.lines()).isEqualTo(FieldKind.UV);
        assertThat(heat.season()).isEqualTo(Season.WINTER);
        assertThat(heat.hour()).isEqualTo(14);
        assertThat(heat.x()).isEmpty();
        assertThat(look(null, null, null, null, null, Stage.AIR).fill()).isEqualTo(FieldKind.HUMIDITY);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "AIR", "<script>", "-1", "constructor", "air' or 1=1"})
    void anUnknownWordIsTheStagesOwn(String word) {
        ClimateLook look = look(word, word, word, word, word, Stage.HEAT);
        assertThat(look.fill()).isEqualTo(FieldKind.AIR);
        assertThat(look.lines()).isEqualTo(FieldKind.UV);
        assertThat(look.season()).isEqualTo(Season.WINTER);
    }

    @ParameterizedTest
    @CsvSource({"-5, 0", "0, 0", "13.25, 13.25", "24, 23.99", "99999, 23.99", "noon, 14", "'', 14"})
    void theHourStaysInItsDay(String typed, double hour) {
        assertThat(look(null, null, null, typed, null, Stage.HEAT).hour()).isCloseTo(hour, within(1e-9));
    }

    @Test
    void theSameFieldIsNotDrawnTwice() {
        ClimateLook look = look("uv", "uv", "summer", "3", "12.5", Stage.HEAT);
        assertThat(look.fill()).isEqualTo(FieldKind.UV);
        assertThat(look.lines()).isEqualTo(FieldKind.NONE);
        assertThat(look.season()).isEqualTo(Season.SUMMER);
        assertThat(look.x().orElseThrow()).isCloseTo(0.125, within(1e-9));
    }
}
