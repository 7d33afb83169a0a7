package tanah.web.design.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.evaluate.Evaluator.Depth;
import tanah.core.finding.Stage;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;

/** The legend marks what the animals want of a field at the hour that is shown. */
class WantedBandsTest {
    private static Evaluation lizard;

    @BeforeAll
    static void compute() throws IOException {
        Catalogue catalogue = CatalogueReader.read();
        byte[] document = Files.readAllBytes(Path.of("../docs/examples/collared-lizard-arid.json"));
        lizard = Evaluator.evaluate(
                ((Parsed.Accepted) new DesignReader(catalogue).read(document)).design(), catalogue, Depth.STEADY);
    }

    private static List<ClimateView.Band> legend(String field, String hour) {
        return WantedBands.legend(
                ClimateLook.of(
                        new SheetOptions(
                                "section", "", null, 700, 400, field, null, null, hour, null, null, null, null, null),
                        Stage.HEAT,
                        lizard.design().heat()),
                lizard);
    }

    /** A band by its upper edge; the last has none. The lizard: cool 22 to 28, warm 29 to 35, basking 40 to 46, night 14 to 22. */
    @ParameterizedTest
    @CsvSource({
        "air, 13, 26° 30° 34° 38°",
        "air, 3, 18° 22°",
        "surface, 13, 26° 30° 34° 38° 42° 46°",
        "humidity, 13, 20 % 30 % 40 %",
        "humidity, 3, 30 % 40 % 50 %",
        "uv, 13, 4 6"
    })
    void theBandsThatAreWantedAreMarked(String field, String hour, String wanted) {
        String marked = legend(field, hour).stream()
                .filter(ClimateView.Band::wanted)
                .map(b -> b.edge().replace('\u2009', ' '))
                .collect(Collectors.joining(" "));
        assertThat(marked).isEqualTo(wanted);
    }

    @Test
    void plantLightIsNoWishOfTheAnimal() {
        assertThat(legend("light", "13")).isNotEmpty().noneMatch(ClimateView.Band::wanted);
    }

    @Test
    void withoutAFieldThereIsNoLegend() {
        assertThat(legend("none", "13")).isEmpty();
    }
}
