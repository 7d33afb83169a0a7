package tanah.web.transfer;

import java.util.ArrayList;
import java.util.List;
import tanah.files.schema.Problem;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What came of an archive.
 *
 * @param made     ids of the new enclosures
 * @param problems why it was refused
 */
record ImportAnswer(List<Long> made, List<Problem> problems) {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    ImportAnswer {
        made = List.copyOf(made);
        problems = List.copyOf(problems);
    }

    static ImportAnswer read(String text) {
        if (text.isEmpty()) {
            return new ImportAnswer(List.of(), List.of());
        }
        JsonNode node = JSON.readTree(text);
        List<Long> made = new ArrayList<>();
        node.path("made").forEach(id -> made.add(id.asLong()));
        List<Problem> problems = new ArrayList<>();
        node.path("problems")
                .forEach(p -> problems.add(new Problem(
                        p.path("at").asString(""),
                        p.path("what").asString(""),
                        p.path("accepted").asString(""))));
        return new ImportAnswer(made, problems);
    }

    String write() {
        ObjectNode node = JSON.createObjectNode();
        ArrayNode ids = node.putArray("made");
        made.forEach(ids::add);
        ArrayNode list = node.putArray("problems");
        problems.forEach(p ->
                list.addObject().put("at", p.pointer()).put("what", p.what()).put("accepted", p.accepted()));
        return JSON.writeValueAsString(node);
    }
}
