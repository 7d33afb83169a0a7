package tanah.files.design;

import java.util.List;
import java.util.Map;
import tanah.files.schema.Problem;
import tools.jackson.databind.JsonNode;

/** Refuses numbers that no double holds and texts that no database holds, before anything reads them. */
final class PlainValues {
    private static final int LARGEST_EXPONENT = 30;

    private PlainValues() {}

    static void check(JsonNode node, String pointer, List<Problem> problems) {
        if (node.isObject()) {
            for (Map.Entry<String, JsonNode> field : node.properties()) {
                if (field.getKey().indexOf('\0') >= 0) {
                    problems.add(new Problem(pointer, "a field's name holds a NUL character", "a name without it"));
                }
                String name = field.getKey().replace("~", "~0").replace("/", "~1");
                check(field.getValue(), pointer + "/" + name, problems);
            }
        } else if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                check(node.get(i), pointer + "/" + i, problems);
            }
        } else if (node.isString()) {
            if (node.asString().indexOf('\0') >= 0) {
                problems.add(new Problem(pointer, "holds a NUL character", "a text without it"));
            }
        } else if (node.isBigDecimal()) {
            int exponent = node.decimalValue().precision() - node.decimalValue().scale();
            if (exponent > LARGEST_EXPONENT || exponent < -LARGEST_EXPONENT) {
                problems.add(new Problem(pointer, "the number is out of all range", "a number of usual size"));
            }
        }
    }
}
