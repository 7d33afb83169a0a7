package tanah.files.design;

import java.util.List;
import java.util.Map;
import tanah.files.schema.Problem;
import tools.jackson.databind.JsonNode;

/** Refuses numbers that no double holds, before anything computes with them. */
final class NumberSizes {
    private static final int LARGEST_EXPONENT = 30;

    private NumberSizes() {}

    static void check(JsonNode node, String pointer, List<Problem> problems) {
        if (node.isObject()) {
            for (Map.Entry<String, JsonNode> field : node.properties()) {
                String name = field.getKey().replace("~", "~0").replace("/", "~1");
                check(field.getValue(), pointer + "/" + name, problems);
            }
        } else if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                check(node.get(i), pointer + "/" + i, problems);
            }
        } else if (node.isBigDecimal()) {
            int exponent = node.decimalValue().precision() - node.decimalValue().scale();
            if (exponent > LARGEST_EXPONENT || exponent < -LARGEST_EXPONENT) {
                problems.add(new Problem(pointer, "the number is out of all range", "a number of usual size"));
            }
        }
    }
}
