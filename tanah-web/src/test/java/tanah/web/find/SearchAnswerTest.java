package tanah.web.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.equipment.EquipmentFound;
import tanah.core.equipment.EquipmentSearch;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;

/** The answer of a search as it is stored: all of it comes back, and answers of other releases do no harm. */
class SearchAnswerTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();

    @Test
    void comesBackAsItWas() throws IOException {
        byte[] document = Files.readAllBytes(Path.of("..", "docs", "examples", "giant-millipede-box.json"));
        Design design = ((Parsed.Accepted) new DesignReader(CATALOGUE).read(document)).design();
        int[] asked = new int[1];
        EquipmentFound found = EquipmentSearch.run(design, CATALOGUE, () -> ++asked[0] > 2000, done -> {})
                .orElseThrow();
        SearchAnswer answer = SearchAnswer.of(found);
        SearchAnswer read = SearchAnswer.read(SearchAnswer.write(answer)).orElseThrow();
        // not a number is no number in JSON either
        assertThat(read).usingRecursiveComparison().isEqualTo(answer);
        assertThat(read.options()).isNotEmpty();
        Parsed again = new DesignReader(CATALOGUE).read(read.options().get(0).document());
        assertThat(again).isInstanceOf(Parsed.Accepted.class);
    }

    @Test
    void anOlderAnswerIsReadWithoutWhatItDidNotKnow() {
        String older =
                "{\"feasible\":true,\"tried\":3,\"of\":9,\"exact\":true,\"options\":[{\"choice\":{\"heat\":\"\",\"z\":0.4,"
                        + "\"mesh\":0.2,\"mat\":\"\",\"sheets\":false,\"water\":\"\",\"uv\":\"\",\"uvZ\":0},\"power\":12,\"uv\":0,"
                        + "\"values\":[{\"key\":\"warm\",\"low\":20,\"high\":22,\"wantedLow\":19,\"wantedHigh\":24,\"humidity\":false}],"
                        + "\"missed\":[],\"document\":\"{}\"}],\"reasons\":[],\"refused\":[]}";
        SearchAnswer read = SearchAnswer.read(older).orElseThrow();
        assertThat(read.options().get(0).mist()).isNull();
        assertThat(read.options().get(0).values().get(0).tolerated()).isFalse();
    }

    @Test
    void whatIsNoAnswerIsNone() {
        assertThat(SearchAnswer.read("not json")).isEmpty();
        assertThat(SearchAnswer.read("{\"feasible\":[1]}")).isEmpty();
        assertThat(SearchAnswer.read("{\"feasible\":true,\"newer\":{\"field\":1}}"))
                .isPresent();
    }
}
