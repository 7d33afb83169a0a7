package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import tanah.core.animal.BodyMeasures;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Species;
import tanah.files.catalogue.CatalogueReader;

/** Measures that the catalogue does not hold, against animals whose measures are general knowledge (from memory). */
class GapTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();

    @Test
    void aSnakeIsACylinder() {
        // corn snake of 550 g and 125 cm: 2.6 cm across
        Species s = CATALOGUE.findSpecies("pantherophis-guttatus").orElseThrow();
        double width = BodyMeasures.of(s, 1).rigid();
        double mass = s.number("mass_adult_g");
        double length = s.totalLengthAdult() * 100;
        assertThat(width).isCloseTo(0.0123 * Math.sqrt(mass / length), within(1e-9));
        assertThat(width).isBetween(0.018, 0.045);
    }

    @Test
    void everyMeasureIsWithinItsBody() {
        for (Species s : CATALOGUE.allSpecies()) {
            for (double share : new double[] {0.2, 0.5, 1}) {
                BodyMeasures m = BodyMeasures.of(s, share);
                assertThat(m.rigid()).as(s.id()).isPositive().isLessThan(m.body());
                assertThat(m.patch()).as(s.id()).isPositive().isLessThanOrEqualTo(1.2 * m.body());
            }
        }
    }
}
