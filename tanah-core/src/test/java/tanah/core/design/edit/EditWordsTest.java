package tanah.core.design.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

/** Words that forms send and message keys carry; a form of yesterday must find them today. */
class EditWordsTest {
    @Test
    void numbersOfWater() {
        assertThat(Arrays.stream(WaterNumber.values()).map(WaterNumber::word))
                .containsExactly(
                        "level",
                        "temperature",
                        "lowest",
                        "wave",
                        "cover",
                        "ph",
                        "alkalinity",
                        "hardness",
                        "nitrate",
                        "chlorine",
                        "change-fraction",
                        "change-interval",
                        "nitrate-target");
    }

    @Test
    void numbersOfRampsWallsAndPieces() {
        assertThat(Arrays.stream(RampNumber.values()).map(RampNumber::word))
                .containsExactly("ramp-foot", "ramp-top", "ramp-length", "ramp-width");
        assertThat(Arrays.stream(DamNumber.values()).map(DamNumber::word))
                .containsExactly("dam-x", "dam-width", "dam-y", "dam-depth", "dam-top");
        assertThat(Arrays.stream(PieceNumber.values()).map(PieceNumber::word))
                .containsExactly("x", "y", "base", "length", "width", "height", "volume", "mass", "pad", "anchor");
    }
}
