package tanah.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** How far thin panes bow once they have to stretch. */
class LargeBowTest {
    private static final double T = 0.01; // m
    private static final double E = 70e9;

    private static PanePlate.Result square(double load, double poisson) {
        double pressure = load * E * Math.pow(T, 4);
        return new PanePlate(1, 1, T, true, E, poisson).under(new PanePlate.Load(pressure, pressure, 1));
    }

    /**
     * R. Kaiser, Z. angew. Math. Mech. 16 (1936) 73, as told by Timoshenko and Woinowsky-Krieger, Theory of Plates and Shells, chapter 13:
     * a square plate, simply supported, its edges free in their plane, under 118.72 E h⁴/a⁴ bows 2.47 times its thickness (from memory);
     * by bending alone it would be 5.3 times.
     */
    @Test
    void aSquareBowsAsKaiserComputed() {
        PanePlate.Result r = square(118.72, 0.3);
        assertThat(r.deflection() / T).isCloseTo(5.26, within(0.05));
        assertThat(r.bow() / T).isCloseTo(2.47, within(0.25));
    }

    /**
     * S. Levy, NACA Technical Note 846 (1942): a square whose edges stay straight is stiffer; at these loads it bows 0.962, 1.87 and 3.174
     * times its thickness (from memory). With free edges it bows more, and less than by bending alone.
     */
    @ParameterizedTest
    @CsvSource({"29.4, 0.962", "99.4, 1.870", "358, 3.174"})
    void freeEdgesBowMoreThanStraightOnes(double load, double straight) {
        PanePlate.Result r = square(load, 0.316);
        assertThat(r.bow() / T).isBetween(straight, r.deflection() / T);
    }

    /** Up to half the thickness both numbers are one. */
    @ParameterizedTest
    @CsvSource({"11.2, true", "11.5, false"})
    void upToHalfItsThicknessItBends(double load, boolean same) {
        PanePlate.Result r = square(load, 0.3);
        assertThat(r.bow() == r.deflection()).isEqualTo(same);
        assertThat(r.bow()).isLessThanOrEqualTo(r.deflection());
    }

    /** The more load, the more bow, and never faster than the load. */
    @ParameterizedTest
    @ValueSource(doubles = {12, 20, 50, 100, 200, 400})
    void itStiffensAsItBows(double load) {
        double one = square(load, 0.23).bow();
        double two = square(2 * load, 0.23).bow();
        assertThat(two).isBetween(one, 2 * one);
    }

    /** 122 × 46 cm of acrylic, 8 mm, rimless, with 35 cm of water: bending alone says 95 mm, stretching leaves a fifth less at least. */
    @Test
    void aThinAcrylicPane() {
        PanePlate.Result r = new PanePlate(1.204, 0.452, 0.008, false, 1.6e9, 0.37)
                .under(new PanePlate.Load(9.80665 * 350, 0, 0.35));
        assertThat(r.deflection()).isBetween(0.08, 0.11);
        assertThat(r.bow()).isBetween(0.05, 0.8 * r.deflection());
    }
}
