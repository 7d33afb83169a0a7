package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.DesignWriter;
import tanah.files.design.Parsed;
import tanah.files.schema.Problem;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The format: everything is kept, everything wrong is named with its pointer. */
class DesignDocumentTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final DesignReader READER = new DesignReader(CATALOGUE);
    private static final JsonMapper JSON = JsonMapper.builder().build();

    @Test
    void aDocumentWithEveryStageComesBackEqual() throws IOException {
        String document = everyStage();
        String written = DesignWriter.write(accepted(document));
        assertThat(normal(written)).isEqualTo(normal(document));
        assertThat(DesignWriter.write(accepted(written))).isEqualTo(written);
    }

    @Test
    void stagesThatNothingReadsYetAreNamed() throws IOException {
        Evaluation e = Evaluator.evaluate(accepted(everyStage()), CATALOGUE);
        assertThat(e.notAssessed())
                .extracting(n -> n.topic())
                .contains("climate", "plants", "crew", "build")
                .doesNotContain("features");
        assertThat(e.findings()).isNotEmpty().isSorted();
    }

    @Test
    void theLeastDocumentIsANameAndNothingIsGoodForIt() {
        Evaluation e =
                Evaluator.evaluate(accepted("{\"format\":\"tanah-design\",\"version\":1,\"name\":\"x\"}"), CATALOGUE);
        assertThat(e.findings()).isEmpty();
        assertThat(e.notAssessed()).extracting(n -> n.topic()).contains("needs", "vessel", "room", "ground");
    }

    @ParameterizedTest
    @ValueSource(strings = {"mossy-frog-paludarium", "collared-lizard-arid", "giant-millipede-box"})
    void theShippedExamplesAreAcceptedAndHaveNoStop(String name) throws IOException {
        Path file = Path.of("..", "docs", "examples", name + ".json");
        Evaluation e = Evaluator.evaluate(accepted(Files.readString(file)), CATALOGUE);
        assertThat(e.count(tanah.core.finding.Severity.STOP)).isZero();
        assertThat(e.ground().orElseThrow().layers()).allMatch(l -> l.shape().volume() > 0);
    }

    /** One change of a good document, and the pointer that must be named. */
    @ParameterizedTest(name = "{0} -> {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                "unknown field | \"count\":4 | \"count\":4,\"colour\":\"green\" | /animals/0/colour",
                "unknown species | theloderma-corticale | theloderma-nullius | /animals/0/species",
                "negative count | \"count\":4 | \"count\":-4 | /animals/0/count",
                "wrong type | \"count\":4 | \"count\":\"four\" | /animals/0/count",
                "not whole | \"count\":4 | \"count\":4.5 | /animals/0/count",
                "out of all range | \"count\":4 | \"count\":1e999 | /animals/0/count",
                "more males than animals | \"count\":4 | \"count\":4,\"males\":5 | /animals/0/males",
                "missing | \"version\":1, |  | /version",
                "wrong format | tanah-design | other | /format",
                "wrong version | \"version\":1 | \"version\":2 | /version",
                "negative depth | \"thickness_cm\":8 | \"thickness_cm\":-8 | /ground/layers/0/surface/thickness_cm",
                "zero depth | \"thickness_cm\":8 | \"thickness_cm\":0 | /ground/layers/0/surface/thickness_cm",
                "unknown medium | leaf_mould | moon_dust | /ground/layers/0/media",
                "stone as a layer | leaf_mould | granite | /ground/layers/0/media",
                "unknown surface | \"type\":\"thickness\" | \"type\":\"hill\" | /ground/layers/0/surface/type",
                "id twice | \"id\":\"soil\" | \"id\":\"frogs\" | /ground/layers/0/id",
                "bad id | \"id\":\"soil\" | \"id\":\"So il\" | /ground/layers/0/id",
                "missing measure | \"length\":80, |  | /vessel/inside_cm/length",
                "huge measure | \"length\":80 | \"length\":8000 | /vessel/inside_cm/length",
                "both measures | \"inside_cm\" | \"outside_cm\":{\"length\":80,\"width\":40,\"height\":50},\"pane_mm\":{\"side\":6},\"inside_cm\" | /vessel/outside_cm",
                "outside without panes | \"inside_cm\" | \"outside_cm\" | /vessel/pane_mm",
                "unknown vessel | \"inside_cm\" | \"catalogue\":\"no-such-box\",\"inside_cm\" | /vessel/catalogue",
                "too hot a room | \"temp_day_c\":24 | \"temp_day_c\":240 | /room/summer/temp_day_c",
                "no such day | 2026-08-03 | 2026-02-30 | /schools/0/date",
                "unknown option | \"option\":\"layer\" | \"option\":\"sideways\" | /schools/0/option",
            })
    void whatIsWrongIsNamedWithItsPointer(String name, String from, String to, String pointer) {
        String document = good();
        assertThat(document).contains(from);
        String bad = document.replaceFirst(
                java.util.regex.Pattern.quote(from), java.util.regex.Matcher.quoteReplacement(to == null ? "" : to));
        List<Problem> problems = refused(bad);
        assertThat(problems)
                .extracting(Problem::pointer)
                .as(problems.toString())
                .contains(pointer);
        assertThat(problems).allSatisfy(p -> assertThat(p.accepted()).isNotBlank());
    }

    @Test
    void severalProblemsAreNamedAtOnce() {
        List<Problem> problems =
                refused(good().replace("\"count\":4", "\"count\":-4").replace("\"length\":80", "\"length\":1"));
        assertThat(problems).extracting(Problem::pointer).contains("/animals/0/count", "/vessel/inside_cm/length");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "nonsense", "[]", "{\"format\":", "{\"a\":1,\"a\":2}", "{} {}", "null", "NaN"})
    void whatIsNoDocumentIsRefused(String text) {
        assertThat(refused(text)).isNotEmpty();
    }

    @Test
    void depthSizeAndNumbersAreBounded() {
        assertThat(refused("[".repeat(100_000)).get(0).what()).contains("too deep");
        assertThat(refused(" ".repeat(1_000_001)).get(0).accepted()).contains("1000000");
        assertThat(refused("{\"version\":" + "9".repeat(500) + "}")).isNotEmpty();
        assertThat(refused("{\"version\":1e-99999}")).isNotEmpty();
        assertThat(refused(good().replace("\"Good\"", "\"a\\u0000b\"")))
                .extracting(Problem::pointer)
                .containsExactly("/name");
    }

    /** What stands in a database since before they were refused stays readable. */
    @Test
    void controlCharactersAreRefusedButReadFromWhatIsStored() {
        String with = good().replace("\"Good\"", "\"a\\u0007\\u001bb\"");
        assertThat(refused(with)).isNotEmpty();
        Parsed stored = new DesignReader(CatalogueReader.read()).readStored(with);
        assertThat(((Parsed.Accepted) stored).design().name()).isEqualTo("ab");
    }

    @Test
    void outlinesHaveToBeConvex() {
        String dart = good().replace("\"surface\"", "\"region_cm\":[[0,0],[40,0],[10,10],[0,40]],\"surface\"");
        assertThat(refused(dart)).extracting(Problem::pointer).contains("/ground/layers/0/region_cm");
    }

    @Test
    void anOverrideMustNameAColumnAndKeepItsRange() {
        String override =
                "\"count\":4,\"overrides\":[{\"field\":\"%s\",\"value\":%s,\"reason\":\"r\",\"date\":\"2026-01-01\"}]";
        assertThat(refused(good().replace("\"count\":4", override.formatted("no_such_column", "3"))))
                .extracting(Problem::pointer)
                .contains("/animals/0/overrides/0/field");
        assertThat(refused(good().replace("\"count\":4", override.formatted("night_min_c", "40"))))
                .extracting(Problem::pointer)
                .contains("/animals/0/overrides/0/value");
        assertThat(accepted(good().replace("\"count\":4", override.formatted("limit_high_c", "25")))
                        .animals())
                .hasSize(1);
    }

    private static String good() {
        return """
                {"format":"tanah-design","version":1,"name":"Good",
                 "schools":[{"choice":"drainage","option":"layer","date":"2026-08-03"}],
                 "animals":[{"id":"frogs","species":"theloderma-corticale","count":4}],
                 "vessel":{"inside_cm":{"length":80,"width":40,"height":50}},
                 "room":{"winter":{"temp_day_c":19,"temp_night_c":17,"rh_day_pct":50,"rh_night_pct":50},
                         "summer":{"temp_day_c":24,"temp_night_c":20,"rh_day_pct":60,"rh_night_pct":60}},
                 "ground":{"layers":[{"id":"soil","media":"leaf_mould","surface":{"type":"thickness","thickness_cm":8}}]}}
                """;
    }

    private static Design accepted(String document) {
        Parsed parsed = READER.read(document);
        assertThat(parsed).as(parsed.toString()).isInstanceOf(Parsed.Accepted.class);
        return ((Parsed.Accepted) parsed).design();
    }

    private static List<Problem> refused(String document) {
        Parsed parsed = READER.read(document);
        assertThat(parsed).isInstanceOf(Parsed.Refused.class);
        return ((Parsed.Refused) parsed).problems();
    }

    /** Numbers of equal value made equal, so that 14 and 14.0 compare. */
    private static JsonNode normal(String document) {
        return JSON.readTree(document.replaceAll("(\\d)\\.0+(?=[,\\s}\\]])", "$1"));
    }

    private static String everyStage() throws IOException {
        try (InputStream in = DesignDocumentTest.class.getResourceAsStream("/every-stage.json")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
