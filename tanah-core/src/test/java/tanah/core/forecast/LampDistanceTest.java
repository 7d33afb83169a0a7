package tanah.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.light.Block;
import tanah.core.light.Vec;

/** From a lamp to the back of an animal that lies on a box of 20 x 20 x 10 cm. */
class LampDistanceTest {
    private static final Block BOX = new Block(0.4, 0.6, 0.2, 0.4, 0, 0.1);

    @ParameterizedTest
    @CsvSource({
        // straight above: the height less the back
        "0.5, 0.3, 0.6, 0.47",
        "0.45, 0.25, 0.6, 0.47",
        // beside it: by Pythagoras, 3-4-5
        "0.9, 0.3, 0.53, 0.5",
        "0.5, 0.8, 0.43, 0.5",
        // at the height of the back: only sideways
        "0.9, 0.3, 0.13, 0.3",
        // touching
        "0.5, 0.3, 0.13, 0"
    })
    void theNearestBackCounts(double x, double y, double z, double distance) {
        assertThat(LampDistance.toTop(BOX, new Vec(x, y, z), 0.03)).isCloseTo(distance, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"0.9, 0.3, 0.05", "0.5, 0.3, 0.02"})
    void aLampBelowIsFarFromTheBack(double x, double y, double z) {
        assertThat(LampDistance.toTop(BOX, new Vec(x, y, z), 0.03)).isGreaterThan(100);
    }
}
