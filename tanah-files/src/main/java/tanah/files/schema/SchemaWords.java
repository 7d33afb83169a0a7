package tanah.files.schema;

import com.networknt.schema.Error;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;

/** Words for what a schema refuses. */
final class SchemaWords {
    private static final int LONGEST_VALUE = 60;

    private SchemaWords() {}

    static Problem problem(Error error) {
        String pointer = pointer(error.getInstanceLocation().toString());
        JsonNode rule = error.getSchemaNode();
        String value = shown(error.getInstanceNode());
        return switch (error.getKeyword()) {
            case "additionalProperties", "unevaluatedProperties" ->
                new Problem(
                        pointer + "/" + escape(String.valueOf(error.getProperty())),
                        "unknown field",
                        "only the fields of the format");
            case "required", "dependentRequired" ->
                new Problem(pointer + "/" + escape(String.valueOf(error.getProperty())), "is missing", "a value");
            case "type" -> new Problem(pointer, value + " has the wrong type", typeWords(rule));
            case "minimum", "exclusiveMinimum" ->
                new Problem(pointer, value + " is too small", "at least " + shown(rule));
            case "maximum", "exclusiveMaximum" ->
                new Problem(pointer, value + " is too large", "at most " + shown(rule));
            case "enum", "const" -> new Problem(pointer, value + " is not known here", choices(rule));
            case "minLength" ->
                new Problem(pointer, "the text is too short", "at least " + shown(rule) + " characters");
            case "maxLength" -> new Problem(pointer, "the text is too long", "at most " + shown(rule) + " characters");
            case "minItems" -> new Problem(pointer, "the list is too short", "at least " + shown(rule) + " entries");
            case "maxItems" -> new Problem(pointer, "the list is too long", "at most " + shown(rule) + " entries");
            case "pattern" -> new Problem(pointer, value + " has the wrong form", "text of the form " + shown(rule));
            case "oneOf", "anyOf" ->
                new Problem(pointer, "does not fit exactly one of the forms", "one of the forms of the format");
            default -> new Problem(pointer, error.getMessage(), "see the schema, keyword " + error.getKeyword());
        };
    }

    private static String typeWords(JsonNode rule) {
        return rule.isArray()
                ? choices(rule)
                : switch (rule.asString("")) {
                    case "object" -> "an object";
                    case "array" -> "a list";
                    case "string" -> "a text";
                    case "number" -> "a number";
                    case "integer" -> "a whole number";
                    case "boolean" -> "true or false";
                    default -> shown(rule);
                };
    }

    private static String choices(JsonNode rule) {
        if (!rule.isArray()) {
            return shown(rule);
        }
        List<String> words = new ArrayList<>();
        rule.forEach(v -> words.add(v.isString() ? v.asString() : v.toString()));
        return String.join(", ", words);
    }

    private static String shown(JsonNode node) {
        if (node == null || node.isMissingNode()) {
            return "nothing";
        }
        if (node.isObject()) {
            return "an object";
        }
        if (node.isArray()) {
            return "a list";
        }
        String text = node.isString() ? '"' + node.asString() + '"' : node.toString();
        return text.length() <= LONGEST_VALUE ? text : text.substring(0, LONGEST_VALUE) + "…";
    }

    /** The library writes the root as an empty or a "/" path. */
    private static String pointer(String path) {
        if (path.isEmpty() || path.equals("/") || path.equals("$")) {
            return "";
        }
        return path.startsWith("/") ? path : "/" + path;
    }

    private static String escape(String name) {
        return name.replace("~", "~0").replace("/", "~1");
    }
}
