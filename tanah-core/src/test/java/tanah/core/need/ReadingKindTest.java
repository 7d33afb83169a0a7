package tanah.core.need;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import tanah.core.time.Phase;
import tanah.core.units.Unit;

/** What a kind of reading is, and which of them are judged. */
class ReadingKindTest {
    private static ReadingKind kind(String id, Unit unit, double step, ReadingKind.Of of) {
        return new ReadingKind(id, unit, 0, 100, step, true, of, 0.5);
    }

    @ParameterizedTest
    @CsvSource({"1, 0", "0.5, 1", "0.1, 1", "0.01, 2", "10, 0"})
    void asManyDigitsAsTheInstrumentShows(double step, int digits) {
        assertThat(kind("ph", Unit.COUNT, step, ReadingKind.Of.OTHER).decimals())
                .isEqualTo(digits);
    }

    @ParameterizedTest
    @CsvSource({
        "temp_air, CELSIUS, temp_air_c",
        "rh, PERCENT, rh_pct",
        "rh_pct, PERCENT, rh_pct",
        "ph, COUNT, ph",
        "flow, LITRE_PER_HOUR, flow_l_h"
    })
    void aColumnCarriesItsUnitOnce(String id, Unit unit, String column) {
        assertThat(kind(id, unit, 1, ReadingKind.Of.OTHER).column()).isEqualTo(column);
    }

    @ParameterizedTest
    @EnumSource(ReadingKind.Of.class)
    void whatIsJudgedAndWhatIsATemperature(ReadingKind.Of of) {
        boolean warm = of != ReadingKind.Of.HUMIDITY && of != ReadingKind.Of.OTHER;
        assertThat(of.isTemperature()).isEqualTo(warm);
        assertThat(kind("x", Unit.PERCENT, 1, of).isJudged()).isEqualTo(of != ReadingKind.Of.OTHER);
    }

    @Test
    void aTemperatureIsOneByItsUnit() {
        assertThat(kind("t", Unit.CELSIUS, 0.1, ReadingKind.Of.OTHER).isTemperature())
                .isTrue();
        assertThat(kind("rh", Unit.PERCENT, 1, ReadingKind.Of.AIR).isTemperature())
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource({"5, 5, 1, 0", "6, 5, 1, 0", "0, 1, 0, 0", "0, 1, -1, 0", "0, 1, 1, -0.1"})
    void aKindThatCannotBeIsRefused(double min, double max, double step, double band) {
        assertThatThrownBy(() -> new ReadingKind("x", Unit.CELSIUS, min, max, step, true, ReadingKind.Of.AIR, band))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("x");
    }

    @ParameterizedTest
    @EnumSource(Verdict.Standing.class)
    void theLowSides(Verdict.Standing standing) {
        assertThat(standing.isLow()).isEqualTo(standing.name().endsWith("BELOW"));
    }

    @ParameterizedTest
    @EnumSource(Want.class)
    void humidityIsWantedByDayAndByNight(Want want) {
        assertThat(want.isHumidity()).isEqualTo(want.name().startsWith("HUMIDITY"));
    }

    @Test
    void darkHoursAreJudgedByTheNight() {
        assertThat(Want.Hours.DARK.phase()).isEqualTo(Phase.NIGHT);
        assertThat(Want.Hours.LIT.phase()).isEqualTo(Phase.DAY);
        assertThat(Want.Hours.ALL.phase()).isEqualTo(Phase.DAY);
    }
}
