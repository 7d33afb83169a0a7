package tanah.web.plantplan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.edit.PlantingEdit;
import tanah.files.catalogue.CatalogueReader;
import tanah.web.catalogue.PlantSearch;
import tanah.web.forms.FieldErrors;

/** What is wanted of a planting, as a person types it. */
class WishReaderTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private final WishReader reader = new WishReader(new PlantSearch());
    private final FieldErrors errors = new FieldErrors();

    private PlantingEdit.Wish read(Map<String, String> typed) {
        return reader.read(new WishForm(new HashMap<>(typed), Set.of()), CATALOGUE, errors);
    }

    @Test
    void nothingTypedIsNothingWished() {
        PlantingEdit.Wish wish = read(Map.of());
        assertThat(errors.isEmpty()).isTrue();
        assertThat(wish.budget()).isEmpty();
        assertThat(wish.only()).isEmpty();
        assertThat(wish.weights()).isEmpty();
    }

    @Test
    void namesAreFoundByAnyNameOnceEach() {
        PlantingEdit.Wish wish =
                read(Map.of("only", "Fittonia albivenis, nerve plant;\n\n fittonia-albivenis", "coverMin", "30 %"));
        assertThat(errors.all()).isEmpty();
        assertThat(wish.only()).isEqualTo(List.of("fittonia-albivenis"));
        assertThat(wish.coverMin()).isEqualTo(OptionalDouble.of(0.3));
    }

    @Test
    void onlyWeightsThatWereChangedAreKept() {
        PlantingEdit.Wish wish = read(Map.of("w-fit", "1", "w-price", "0", "w-even", "15.0"));
        assertThat(wish.weights()).isEqualTo(Map.of("price", 0.0));
    }

    @ParameterizedTest
    @CsvSource({
        "budget, -1",
        "budget, 1e12",
        "budget, half",
        "coverMin, 101",
        "coverMax, -1",
        "w-fit, 1001",
        "w-price, x",
        "only, qqqqq",
        "without, begonia"
    })
    void whatMakesNoSenseIsToldBesideItsField(String field, String typed) {
        read(Map.of(field, typed));
        assertThat(errors.all()).containsOnlyKeys(field);
    }

    @Test
    void aListLongerThanAPlanIsRefused() {
        read(Map.of("only", "moss\n".repeat(61)));
        assertThat(errors.all()).containsOnlyKeys("only");
    }
}
