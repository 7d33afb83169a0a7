package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Recipe;
import tanah.core.ground.SoilWater;
import tanah.core.ground.Soils;
import tanah.files.catalogue.CatalogueReader;

/** What a mix holds in a shallow bed is what its components hold there. */
class MixWaterTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();

    private static SoilWater water(String mix) {
        return Soils.of(new Recipe.Named(mix), CATALOGUE).water();
    }

    /** derived: Campbell's curves of the components summed over 20,000 steps by a program of its own; one curve gave 0.456 for 9 cm. */
    @ParameterizedTest
    @CsvSource({
        "tropical_airy, 0.03, 0.7058",
        "tropical_airy, 0.09, 0.5418",
        "tropical_airy, 0.20, 0.4353",
        "tropical_deep, 0.03, 0.5996",
        "tropical_deep, 0.09, 0.5485",
        "tropical_deep, 0.20, 0.4930",
        "temperate_woodland, 0.03, 0.6092",
        "temperate_woodland, 0.09, 0.5482",
        "temperate_woodland, 0.20, 0.4895",
        "arid_burrow_clay_sand, 0.03, 0.4747",
        "arid_burrow_clay_sand, 0.09, 0.4710",
        "arid_burrow_clay_sand, 0.20, 0.4323",
        "invertebrate_deep_humus, 0.03, 0.7990",
        "invertebrate_deep_humus, 0.09, 0.6715",
        "invertebrate_deep_humus, 0.20, 0.5654"
    })
    void aShallowBedHoldsWhatItsComponentsHold(String mix, double depth, double mean) {
        assertThat(water(mix).columnMean(depth)).isCloseTo(mean, within(5e-4));
    }

    /** Deeper beds hold less on the mean, and nothing holds less than at the wilting point or more than its pores. */
    @ParameterizedTest
    @CsvSource({"tropical_airy", "temperate_woodland", "arid_burrow_clay_sand"})
    void theContentFallsWithTheHeight(String mix) {
        SoilWater w = water(mix);
        double before = w.saturated();
        for (double h = 0.001; h < 50; h *= 1.3) {
            double now = w.content(h);
            assertThat(now).isLessThanOrEqualTo(before + 1e-12);
            assertThat(now).isBetween(w.wilting() - 1e-9, w.saturated());
            before = now;
        }
    }
}
