package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.finding.Finding;
import tanah.core.finding.Severity;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The usual mistakes: an example design without fault, one thing done wrong, and the rule that has to say so. Without
 * the mistake the rule must be silent or content. Rules of the trade; each severity is common practice.
 */
class MistakesTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Pattern STEP = Pattern.compile("([a-z_0-9]+)(?:\\[(\\d+)])?");

    @ParameterizedTest(name = "{0} {1} on {2}: {3}")
    @CsvFileSource(resources = "/mistakes.csv", delimiter = '|', numLinesToSkip = 1, quoteCharacter = '\'')
    void isSaidWhenMadeAndOnlyThen(String rule, Severity severity, String base, String edits) {
        JsonNode design = example(base);
        assertThat(severities(design, rule))
                .as("without the mistake")
                .noneMatch(s -> s.ordinal() <= severity.ordinal());
        for (String edit : edits.split(";")) {
            int at = edit.indexOf('=');
            set((ObjectNode) design, edit.substring(0, at), edit.substring(at + 1));
        }
        assertThat(severities(design, rule)).as("with it").contains(severity);
    }

    /** Rules that are judged with the whole day alone. */
    private static final Set<String> OF_THE_DAY = Set.of("GW-083", "GW-085", "GW-086", "GW-087");

    private static Evaluation evaluated(Design design, String rule) {
        return OF_THE_DAY.contains(rule)
                ? Evaluator.evaluate(design, CATALOGUE, Evaluator.Depth.WHOLE)
                : Evaluator.evaluate(design, CATALOGUE);
    }

    private static List<Severity> severities(JsonNode design, String rule) {
        Parsed parsed = new DesignReader(CATALOGUE).read(design.toString().getBytes(StandardCharsets.UTF_8));
        assertThat(parsed).as(parsed.toString()).isInstanceOf(Parsed.Accepted.class);
        return evaluated(((Parsed.Accepted) parsed).design(), rule).findings().stream()
                .filter(f -> f.rule().toString().equals(rule))
                .map(Finding::severity)
                .toList();
    }

    private static JsonNode example(String base) {
        String name = base.equals("frog") ? "mossy-frog-paludarium" : "collared-lizard-arid";
        try {
            return JSON.readTree(Files.readString(Path.of("..", "docs", "examples", name + ".json")));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void set(ObjectNode root, String path, String value) {
        String[] steps = path.split("\\.");
        JsonNode at = root;
        for (int i = 0; i < steps.length; i++) {
            Matcher m = STEP.matcher(steps[i]);
            assertThat(m.matches()).as(path).isTrue();
            boolean last = i == steps.length - 1;
            if (last && m.group(2) == null) {
                ((ObjectNode) at).set(m.group(1), JSON.readTree(value));
                return;
            }
            JsonNode next = at.path(m.group(1));
            if (next.isMissingNode()) {
                next = ((ObjectNode) at).putObject(m.group(1));
            }
            at = m.group(2) == null ? next : ((ArrayNode) next).get(Integer.parseInt(m.group(2)));
        }
    }
}
