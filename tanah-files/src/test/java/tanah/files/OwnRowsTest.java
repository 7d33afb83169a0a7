package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.catalogue.Kind;
import tanah.files.catalogue.OwnRows;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;
import tanah.files.schema.Problem;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A keeper's own entries: they travel in the design, stand beside the shipped ones and can harm nothing. */
class OwnRowsTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Catalogue SHIPPED = CatalogueReader.read();

    @Test
    void anOwnMixStandsBesideTheShippedOnes() {
        JsonNode own = own("mixes", mix("own-mine", "sand_play:1;" + firstOrganic() + ":1"));
        List<Problem> problems = new ArrayList<>();
        Catalogue merged = OwnRows.merge(SHIPPED, own, problems);
        assertThat(problems).isEmpty();
        assertThat(merged.findMix("own-mine")).isPresent();
        assertThat(merged.allMixes()).hasSize(SHIPPED.allMixes().size() + 1);
        assertThat(SHIPPED.findMix("own-mine")).isEmpty();
    }

    @Test
    void anEntryThatTakesAShippedIdIsRefused() {
        JsonNode own = own("mixes", mix("bog", "sand_play:1"));
        List<Problem> problems = new ArrayList<>();
        Catalogue merged = OwnRows.merge(SHIPPED, own, problems);
        assertThat(problems).isNotEmpty();
        assertThat(merged.findMix("bog")).isEqualTo(SHIPPED.findMix("bog"));
    }

    @Test
    void aMixOfUnknownMediaIsNamedByItsColumn() {
        ObjectNode entry = mix("own-bad", "moon_dust:1");
        assertThat(OwnRows.problems(Kind.MIXES, entry, SHIPPED)).containsOnlyKeys("parts");
    }

    @Test
    void theEntriesTravelInTheDesignAndAreTakenOutAgain() {
        JsonNode own = own("mixes", mix("own-mine", "sand_play:2"));
        Design carrying = OwnRows.with(Design.named("plan"), own);
        assertThat(OwnRows.of(carrying).toString()).isEqualTo(own.toString());
        assertThat(OwnRows.catalogue(carrying, SHIPPED).findMix("own-mine")).isPresent();
        Design bare = OwnRows.with(carrying, JSON.createObjectNode());
        assertThat(bare).isEqualTo(Design.named("plan"));
    }

    @Test
    void aPlanIsLaidWithAnOwnMixAndReadAgain() {
        String plan = """
                {"format":"tanah-design","version":1,"name":"plan",
                 "vessel":{"shape":"rectangle","inside_cm":{"length":60,"width":40,"height":40}},
                 "ground":{"layers":[{"id":"soil","media":"own-mine","surface":{"type":"thickness","thickness_cm":8}}]},
                 "catalogue":{"mixes":[%s]}}""".formatted(mix("own-mine", "sand_play:2"));
        Parsed parsed = new DesignReader(SHIPPED).read(plan.getBytes(StandardCharsets.UTF_8));
        assertThat(parsed).as(parsed.toString()).isInstanceOf(Parsed.Accepted.class);
        Design design = ((Parsed.Accepted) parsed).design();
        Evaluation e = Evaluator.evaluate(design, OwnRows.catalogue(design, SHIPPED));
        assertThat(e.ground().orElseThrow().layer("soil").orElseThrow().dryMass())
                .isPositive();
    }

    private static String firstOrganic() {
        return SHIPPED.allMedia().stream()
                .filter(m -> m.kind().equals("organic"))
                .map(m -> m.id())
                .findFirst()
                .orElseThrow();
    }

    private static JsonNode own(String kind, ObjectNode entry) {
        ObjectNode own = JSON.createObjectNode();
        own.putArray(kind).add(entry);
        return own;
    }

    /** A shipped mix as cells with another id and other parts. */
    private static ObjectNode mix(String id, String parts) {
        Map<String, String> cells = new LinkedHashMap<>();
        cells.put("id", id);
        cells.put("name", "Mine");
        cells.put("parts", parts);
        cells.put("use", "test");
        cells.put("moisture_zone", "moist");
        cells.put("usual_depth_cm", "8");
        cells.put("notes", "ours");
        cells.put("provenance", "practice");
        return OwnRows.typed(Kind.MIXES, cells);
    }
}
