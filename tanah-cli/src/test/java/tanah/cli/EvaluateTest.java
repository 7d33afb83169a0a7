package tanah.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The command line: what it prints and with which code it ends. */
class EvaluateTest {
    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();

    @TempDir
    Path folder;

    @Test
    void printsTheEvaluationOfADesign() {
        assertThat(run(Path.of("..", "docs", "examples", "collared-lizard-arid.json")
                        .toString()))
                .isZero();
        assertThat(text(out)).contains("\"volume_l\" : 107.82016", "\"total_kg\"", "\"findings\"", "GW-060");
        assertThat(text(err)).isEmpty();
    }

    @Test
    void readingsCorrectTheModelAndTheCorrectionIsPrinted() {
        String design =
                Path.of("..", "docs", "examples", "collared-lizard-arid.json").toString();
        assertThat(run(
                        design,
                        Path.of("..", "docs", "readings", "collared-lizard.csv").toString()))
                .isZero();
        assertThat(text(out)).contains("\"calibration\"", "\"multipliers\"");
    }

    /** What another program says of the three worked cases comes out of the command, within its tolerances. */
    @ParameterizedTest
    @CsvSource({"arid, A", "humid, B", "half-water, C"})
    void aWorkedCaseComesOut(String name, String letter) throws IOException {
        assertThat(run(Path.of("..", "docs", "cases", name + ".json").toString()))
                .isZero();
        JsonNode root = JsonMapper.builder().build().readTree(text(out));
        int compared = 0;
        for (String line : Files.readAllLines(
                Path.of("..", "tanah-files", "src", "test", "resources", "climate", "worked_examples.csv"))) {
            String[] cells = line.split(",", 6);
            // the hour of an extreme on a plateau is chance: WorkedClimateTest compares what it is then
            boolean apart = cells[1].contains("[") || cells[1].matches(".*(p(in|out)_w|_high_at_h)");
            if (!cells[2].equals("example=" + letter) || apart) {
                continue;
            }
            JsonNode node = root;
            for (String step : cells[1].split("\\.")) {
                node = node.path(step);
            }
            assertThat(node.asDouble())
                    .as(cells[1])
                    .isCloseTo(Double.parseDouble(cells[3]), within(Double.parseDouble(cells[4])));
            compared++;
        }
        assertThat(compared).isGreaterThan(200);
    }

    @Test
    void aWrongCaseIsRefusedFieldByField() throws IOException {
        Path file = folder.resolve("case.json");
        Files.writeString(file, "{\"vessel\":{\"length_m\":\"long\"},\"colour\":1}");
        assertThat(run(file.toString())).isEqualTo(2);
        assertThat(text(err)).contains("/vessel/length_m", "/colour", "accepted:");
        assertThat(text(out)).isEmpty();
    }

    @Test
    void aBadLineOfReadingsIsNamed() throws IOException {
        String design =
                Path.of("..", "docs", "examples", "collared-lizard-arid.json").toString();
        Path file = folder.resolve("readings.csv");
        Files.writeString(file, "place,x_cm,y_cm,z_cm,temp_c\nair,10,10,10,warm\n");
        assertThat(run(design, file.toString())).isEqualTo(2);
        assertThat(text(err)).contains("2");
        assertThat(text(out)).isEmpty();
    }

    @Test
    void badInputEndsWithTwoAndOneLineForEachProblem() throws IOException {
        Path bad = folder.resolve("bad.json");
        Files.writeString(bad, "{\"format\":\"tanah-design\",\"version\":1,\"name\":\"\",\"colour\":1}");
        assertThat(run(bad.toString())).isEqualTo(2);
        assertThat(text(err).lines()).hasSize(2).allMatch(l -> l.startsWith("/") && l.contains("accepted:"));
        assertThat(text(err)).contains("/colour", "/name");
        assertThat(text(out)).isEmpty();
    }

    @Test
    void aMissingFileAndAWrongCallEndWithTwo() {
        assertThat(run(folder.resolve("none.json").toString())).isEqualTo(2);
        assertThat(run()).isEqualTo(2);
        assertThat(run("\0")).isEqualTo(2);
    }

    @Test
    void aFileOverOneMegabyteIsNotReadToItsEnd() throws IOException {
        Path large = folder.resolve("large.json");
        Files.write(large, new byte[3_000_000]);
        assertThat(run(large.toString())).isEqualTo(2);
        assertThat(text(err)).contains("at most 1000000 bytes");
    }

    private int run(String... args) {
        return Evaluate.run(
                args,
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8));
    }

    private static String text(ByteArrayOutputStream bytes) {
        return bytes.toString(StandardCharsets.UTF_8);
    }
}
