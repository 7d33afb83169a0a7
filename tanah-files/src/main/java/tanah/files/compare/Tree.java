package tanah.files.compare;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** How the documents are walked: objects by field, lists of named things by their name, all else as one value. */
final class Tree {
    /** Fields that name an element of a list, in order of rank. */
    private static final List<String> NAMES = List.of("id", "choice", "field");

    private Tree() {}

    /** Whether an object is compared field by field; a surface of another type is another thing altogether. */
    static boolean areAlike(JsonNode one, JsonNode other) {
        return one.isObject() && other.isObject() && one.path("type").equals(other.path("type"));
    }

    /** Whether a list holds named things only, so that its elements can be told apart; an absent list is empty. */
    static boolean isNamed(@Nullable JsonNode list) {
        if (list == null || list.isMissingNode()) {
            return true;
        }
        if (!list.isArray()) {
            return false;
        }
        return elements(list).size() == list.size();
    }

    /** Elements by name, in the list's order; elements without a name are left out. */
    static Map<String, JsonNode> elements(@Nullable JsonNode list) {
        Map<String, JsonNode> named = new LinkedHashMap<>();
        if (list != null && list.isArray()) {
            for (JsonNode element : list) {
                String name = name(element);
                if (!name.isEmpty()) {
                    named.putIfAbsent(name, element);
                }
            }
        }
        return named;
    }

    private static String name(JsonNode element) {
        for (String field : NAMES) {
            JsonNode name = element.path(field);
            if (name.isString()) {
                return name.asString();
            }
        }
        return "";
    }

    /** Fields of two or three objects, in the order in which they are first met. */
    static List<String> fields(JsonNode... objects) {
        List<String> names = new ArrayList<>();
        for (JsonNode object : objects) {
            object.properties().forEach(field -> {
                if (!names.contains(field.getKey())) {
                    names.add(field.getKey());
                }
            });
        }
        return names;
    }

    static String child(String path, String field) {
        return path.isEmpty() ? field : path + "." + field;
    }

    static String element(String path, String name) {
        return path + "[" + name + "]";
    }

    /** A value as text: plain for numbers and words, JSON for the rest, empty for nothing. */
    static String text(@Nullable JsonNode value) {
        if (value == null || value.isMissingNode()) {
            return "";
        }
        if (value.isNumber()) {
            return value.decimalValue().stripTrailingZeros().toPlainString();
        }
        return value.isString() ? value.asString() : value.toString();
    }
}
