package tanah.files.design;

import java.util.List;
import java.util.Map;
import tanah.core.units.PlainText;
import tanah.files.schema.Problem;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/** Refuses numbers that no double holds and texts that no database holds, before anything reads them. */
final class PlainValues {
    private static final int LARGEST_EXPONENT = 30;

    private PlainValues() {}

    /** The same with the texts of its fields made plain. */
    static JsonNode plain(JsonNode node) {
        if (node instanceof ObjectNode object) {
            for (Map.Entry<String, JsonNode> field : object.properties()) {
                field.setValue(plain(field.getValue()));
            }
        } else if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                array.set(i, plain(array.get(i)));
            }
        } else if (node.isString()) {
            return StringNode.valueOf(PlainText.of(node.asString()));
        }
        return node;
    }

    static void check(JsonNode node, String pointer, List<Problem> problems) {
        if (node.isObject()) {
            for (Map.Entry<String, JsonNode> field : node.properties()) {
                if (!PlainText.isPlain(field.getKey())) {
                    problems.add(new Problem(pointer, "a field's name holds a control character", "a name without it"));
                }
                String name = field.getKey().replace("~", "~0").replace("/", "~1");
                check(field.getValue(), pointer + "/" + name, problems);
            }
        } else if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                check(node.get(i), pointer + "/" + i, problems);
            }
        } else if (node.isString()) {
            if (!PlainText.isPlain(node.asString())) {
                problems.add(new Problem(pointer, "holds a control character", "a text without it"));
            }
        } else if (node.isBigDecimal()) {
            int exponent = node.decimalValue().precision() - node.decimalValue().scale();
            if (exponent > LARGEST_EXPONENT || exponent < -LARGEST_EXPONENT) {
                problems.add(new Problem(pointer, "the number is out of all range", "a number of usual size"));
            }
        }
    }
}
