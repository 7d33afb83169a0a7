package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.evaluate.Evaluator;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;
import tanah.files.result.EvaluationWriter;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Three worked designs from end to end: document in, result out. The numbers are those of another implementation
 * (derived: reference prototype), relative tolerance 1e-6, panes
 * 1 %.
 * Rows of ground in which pieces stand were computed anew by hand: 5 L over 33 cm of which 20.04 stand in the burrow's soil; a boulder and a
 * root that stand in 3.4086 L of the divider's gravel, by the integral of its profile. What mixes hold when they have dripped is the sum
 * of their components' curves over the column: a program of its own (20,000 steps) gives the three contents within 3e-6, and the rows keep the
 * digits of 200 steps. Masses, loads on the stand and pressure follow by hand from the change of the content; stress and bow of the panes are
 * proportional to the pressure.
 */
class WorkedExamplesTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final Map<String, JsonNode> RESULTS = new HashMap<>();

    @ParameterizedTest(name = "{0} {1} {2}")
    @CsvFileSource(resources = "/worked/expected.csv", numLinesToSkip = 1)
    void agrees(String example, String place, String quantity, double expected) {
        JsonNode result = RESULTS.computeIfAbsent(example, WorkedExamplesTest::evaluate);
        double got = part(result, place, quantity);
        double tolerance = quantity.contains("sigma") || quantity.contains("deflection") ? 0.01 : 1e-6;
        assertThat(got).isCloseTo(expected, within(Math.max(tolerance * Math.abs(expected), 1e-6)));
    }

    private static double part(JsonNode result, String place, String quantity) {
        JsonNode at = switch (place) {
            case "vessel", "ground", "water", "structure" -> result.path(place);
            default ->
                result.path("layers")
                        .valueStream()
                        .filter(l -> l.path("id").asString().equals(place))
                        .findFirst()
                        .orElseThrow();
        };
        if (quantity.startsWith("loose_l:")) {
            String media = quantity.substring("loose_l:".length());
            return at.path("components")
                    .valueStream()
                    .filter(c -> c.path("media").asString().equals(media))
                    .findFirst()
                    .orElseThrow()
                    .path("loose_l")
                    .asDouble();
        }
        // what an example does not have is not printed
        JsonNode value = at;
        for (String step : quantity.split("\\.")) {
            value = value.path(step);
        }
        return value.asDouble(0);
    }

    private static JsonNode evaluate(String example) {
        try {
            Parsed parsed = new DesignReader(CATALOGUE)
                    .read(Files.readAllBytes(Path.of("..", "docs", "examples", example + ".json")));
            assertThat(parsed).isInstanceOf(Parsed.Accepted.class);
            String json = EvaluationWriter.write(Evaluator.evaluate(((Parsed.Accepted) parsed).design(), CATALOGUE));
            return JsonMapper.builder().build().readTree(json);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }
}
