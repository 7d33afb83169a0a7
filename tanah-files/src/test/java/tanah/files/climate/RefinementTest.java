package tanah.files.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.box.ClimateCase;
import tanah.core.box.Factors;
import tanah.core.climate.ClimateModel;
import tanah.core.climate.Places;

/** A grid of twice the zones along and across and half as many again upwards gives nearly the same places. */
class RefinementTest {
    private static final double OFF = 0.3; // K

    @ParameterizedTest
    @CsvSource({"A, winter", "A, summer", "B, winter", "C, winter"})
    void aFinerGridAgrees(String name, String season) {
        ClimateCase enclosure = CaseJson.of(name).read();
        ClimateCase.Outside room = CaseJson.of(name).season(season).day();
        Places usual = ClimateModel.of(enclosure, Factors.ONE)
                .steady(room, true, Optional.empty(), 1e-3)
                .places();
        Places fine = ClimateModel.finer(enclosure, Factors.ONE)
                .steady(room, true, Optional.empty(), 1e-3)
                .places();
        assertThat(usual.warmAir()).isCloseTo(fine.warmAir(), within(OFF));
        assertThat(usual.coolAir()).isCloseTo(fine.coolAir(), within(OFF));
        assertThat(usual.baskingSurface().orElse(0))
                .isCloseTo(fine.baskingSurface().orElse(0), within(OFF));
    }
}
