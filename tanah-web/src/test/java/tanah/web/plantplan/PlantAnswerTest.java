package tanah.web.plantplan;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.plantplan.PlantingWay;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;

/** The answer of a search for a planting as it is stored: it comes back, what it tells on the way, and that it can be stopped. */
class PlantAnswerTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();

    private static Design lizard() throws IOException {
        byte[] document = Files.readAllBytes(Path.of("..", "docs", "examples", "collared-lizard-arid.json"));
        return ((Parsed.Accepted) new DesignReader(CATALOGUE).read(document)).design();
    }

    @Test
    void everyWayIsSolvedToldAndReadAgain() throws IOException {
        List<String> told = new ArrayList<>();
        Design lizard = lizard();
        String stored = new PlantingKind()
                .run(lizard, CATALOGUE, "", () -> false, (done, said) -> told.add(done + " " + said))
                .orElseThrow();
        PlantAnswer answer = PlantAnswer.read(stored).orElseThrow();
        assertThat(answer.ways()).extracting(PlantAnswer.Way::way).containsExactly(PlantingWay.values());
        assertThat(PlantAnswer.read(answer.write())).hasValue(answer);
        PlantAnswer.Way room = answer.ways().get(0);
        Design filled = ((Parsed.Accepted) new DesignReader(CATALOGUE).read(room.document())).design();
        // none was said to stay
        assertThat(filled.plants())
                .hasSize(
                        room.kinds().stream().mapToInt(PlantAnswer.Kind::pieces).sum());
        assertThat(filled.withPlants(lizard.plants())).isEqualTo(lizard);
        assertThat(told).contains("0 room", "80 calm").anyMatch(t -> t.matches("0 room \\d+\\.\\d"));
    }

    @Test
    void onceStoppedItGoesNoFurther() throws IOException {
        List<Integer> told = new ArrayList<>();
        new PlantingKind().run(lizard(), CATALOGUE, "", () -> !told.isEmpty(), (done, said) -> told.add(done));
        assertThat(told).isNotEmpty().containsOnly(0);
    }

    @Test
    void aPlanWithoutAClimateHasNoAnswer() {
        assertThat(new PlantingKind().run(Design.named("empty"), CATALOGUE, "", () -> false, (done, said) -> {}))
                .isEmpty();
    }

    @Test
    void whatIsNoAnswerIsNone() {
        assertThat(PlantAnswer.read("")).isEmpty();
        assertThat(PlantAnswer.read("not json")).isEmpty();
        assertThat(PlantAnswer.read("{\"newer\":1}")).isPresent();
    }
}
