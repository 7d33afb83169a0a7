package tanah.files.climate;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.box.Factors;
import tanah.core.catalogue.Catalogue;
import tanah.core.climate.ClimateModel;
import tanah.core.evaluate.Evaluator;
import tanah.core.mapping.MappedDesign;
import tanah.files.Examples;
import tanah.files.catalogue.CatalogueReader;

/** Rays that are not followed again are those that would come out the same. */
class RaysAgainTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();

    /** Lamps above a mesh and lamps below the lid. */
    @ParameterizedTest
    @ValueSource(strings = {"mossy-frog-paludarium", "collared-lizard-arid", "giant-millipede-box"})
    void aModelWithOtherMultipliersIsTheOneMadeOfThem(String name) {
        MappedDesign plan = Evaluator.mapped(Evaluator.evaluate(Examples.read(name), CATALOGUE), CATALOGUE)
                .orElseThrow();
        ClimateModel model = ClimateModel.of(plan.enclosure(), Factors.ONE);
        for (int factor = 0; factor < Factors.COUNT; factor++) {
            Factors other = Factors.ONE.times(factor, 0.8);
            ClimateModel anew = ClimateModel.of(plan.enclosure(), other);
            ClimateModel moved = model.with(other);
            for (int i = 0; i < plan.enclosure().fixtures().size(); i++) {
                assertThat(moved.split(i))
                        .as("factor %d, device %d", factor, i)
                        .usingRecursiveComparison()
                        .isEqualTo(anew.split(i));
            }
        }
    }
}
