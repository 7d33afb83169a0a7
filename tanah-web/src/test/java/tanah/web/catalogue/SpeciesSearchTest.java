package tanah.web.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static tanah.web.design.edit.EditingSupport.CATALOGUE;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.catalogue.Species;

/** Animals are found by what is typed, also where a letter is wrong. */
class SpeciesSearchTest {
    private final SpeciesSearch search = new SpeciesSearch();

    @ParameterizedTest
    @CsvSource({
        "Theloderma corticale, theloderma-corticale",
        "thelodrema, theloderma-corticale",
        "mosy frog, theloderma-corticale",
        "crotaphitus, crotaphytus-collaris",
        "colared lizzard, crotaphytus-collaris",
        "theloderma cortical, theloderma-corticale"
    })
    void anAnimalIsFoundThoughALetterIsWrong(String typed, String id) {
        assertThat(search.find(typed, CATALOGUE)).extracting(Species::id).contains(id);
    }

    /** What is spelt right hides no other names that are merely like it. */
    @Test
    void theRightSpellingFindsJustItself() {
        assertThat(search.find("theloderma", CATALOGUE))
                .isNotEmpty()
                .allMatch(s -> s.scientificName().startsWith("Theloderma"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "   ", "qqqqqqqq", "xyz", "thlodrma crtical xx"})
    void whatIsLikeNothingFindsNothing(String typed) {
        assertThat(search.find(typed, CATALOGUE)).isEmpty();
    }

    /** Of three letters each counts; from four on one may be wrong. */
    @Test
    void shortWordsAreNotGuessed() {
        assertThat(search.find("txd", CATALOGUE)).isEmpty();
        assertThat(search.find("toxd", CATALOGUE)).extracting(Species::id).contains("bufo-bufo");
    }
}
