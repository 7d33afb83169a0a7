package tanah.files.design;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import tanah.core.design.OtherFields;
import tanah.core.units.Unit;
import tools.jackson.databind.JsonNode;

/** Reads the fields of one object and remembers which were read, so that the rest can be kept. */
final class Fields {
    private final JsonNode node;
    private final Set<String> read = new HashSet<>();

    Fields(JsonNode node) {
        this.node = node;
    }

    JsonNode take(String name) {
        read.add(name);
        return node.path(name);
    }

    boolean has(String name) {
        return node.has(name);
    }

    String text(String name) {
        return take(name).asString("");
    }

    Optional<String> optionalText(String name) {
        JsonNode value = take(name);
        return value.isMissingNode() ? Optional.empty() : Optional.of(value.asString());
    }

    double number(String name, Unit unit) {
        return unit.toSi(take(name).asDouble());
    }

    OptionalDouble optional(String name, Unit unit) {
        JsonNode value = take(name);
        return value.isMissingNode() ? OptionalDouble.empty() : OptionalDouble.of(unit.toSi(value.asDouble()));
    }

    OptionalInt optionalInt(String name) {
        JsonNode value = take(name);
        return value.isMissingNode() ? OptionalInt.empty() : OptionalInt.of(value.asInt());
    }

    Optional<Boolean> flag(String name) {
        JsonNode value = take(name);
        return value.isMissingNode() ? Optional.empty() : Optional.of(value.asBoolean());
    }

    /** A list of objects; an absent list is empty. */
    List<Fields> objects(String name) {
        List<Fields> all = new ArrayList<>();
        take(name).forEach(item -> all.add(new Fields(item)));
        return all;
    }

    Optional<Fields> object(String name) {
        JsonNode value = take(name);
        return value.isMissingNode() ? Optional.empty() : Optional.of(new Fields(value));
    }

    /** Everything that was not read. */
    OtherFields rest() {
        Map<String, Object> fields = new LinkedHashMap<>();
        node.properties().forEach(field -> {
            if (!read.contains(field.getKey())) {
                fields.put(field.getKey(), tree(field.getValue()));
            }
        });
        return fields.isEmpty() ? OtherFields.NONE : new OtherFields(fields);
    }

    private static Object tree(JsonNode value) {
        if (value.isObject()) {
            Map<String, Object> map = new LinkedHashMap<>();
            value.properties().forEach(f -> map.put(f.getKey(), tree(f.getValue())));
            return map;
        }
        if (value.isArray()) {
            List<Object> list = new ArrayList<>();
            value.forEach(v -> list.add(tree(v)));
            return list;
        }
        if (value.isNumber()) {
            return value.decimalValue();
        }
        if (value.isBoolean()) {
            return value.asBoolean();
        }
        return value.isNull() ? OtherFields.Missing.NULL : value.asString();
    }
}
