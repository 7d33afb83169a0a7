package tanah.core.design;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * Fields of the document that no stage reads yet, kept as they came so that nothing a keeper saved is lost.
 *
 * @param fields name to text, {@link Boolean}, {@link BigDecimal}, list or map of these
 */
public record OtherFields(Map<String, Object> fields) {
    public static final OtherFields NONE = new OtherFields(Map.of());

    public OtherFields {
        fields = copyOf(fields);
    }

    public boolean has(String name) {
        return fields.containsKey(name);
    }

    /** How many entries a kept list has, 0 if it is absent or no list. */
    public int sizeOf(String name) {
        return fields.get(name) instanceof List<?> list ? list.size() : 0;
    }

    /** The text of a kept field, if it is text. */
    public Optional<String> text(String name) {
        return fields.get(name) instanceof String s ? Optional.of(s) : Optional.empty();
    }

    /** Whether a kept field says yes. */
    public boolean says(String name) {
        return Boolean.TRUE.equals(fields.get(name));
    }

    /** The number of a kept field in its own unit, if it is one. */
    public OptionalDouble number(String name) {
        return fields.get(name) instanceof BigDecimal n ? OptionalDouble.of(n.doubleValue()) : OptionalDouble.empty();
    }

    /** The objects of a kept list. */
    public List<OtherFields> objects(String name) {
        List<OtherFields> all = new ArrayList<>();
        if (fields.get(name) instanceof List<?> list) {
            for (Object item : list) {
                object(item).ifPresent(all::add);
            }
        }
        return all;
    }

    /** A kept object. */
    public Optional<OtherFields> object(String name) {
        return object(fields.get(name));
    }

    private static Optional<OtherFields> object(@Nullable Object value) {
        if (!(value instanceof Map<?, ?> map)) {
            return Optional.empty();
        }
        Map<String, Object> named = new LinkedHashMap<>();
        map.forEach((k, v) -> named.put((String) k, v));
        return Optional.of(new OtherFields(named));
    }

    /** The same with a field set. */
    public OtherFields with(String name, Object value) {
        Map<String, Object> changed = new LinkedHashMap<>(fields);
        changed.put(name, value);
        return new OtherFields(changed);
    }

    public OtherFields without(String name) {
        Map<String, Object> changed = new LinkedHashMap<>(fields);
        changed.remove(name);
        return new OtherFields(changed);
    }

    private static Map<String, Object> copyOf(Map<String, Object> fields) {
        Map<String, Object> copy = new LinkedHashMap<>();
        fields.forEach((name, value) -> copy.put(name, frozen(value)));
        return Collections.unmodifiableMap(copy);
    }

    private static Object frozen(Object value) {
        if (value instanceof Map<?, ?> map) {
            Map<String, Object> copy = new LinkedHashMap<>();
            map.forEach((k, v) -> copy.put((String) k, frozen(v)));
            return Collections.unmodifiableMap(copy);
        }
        if (value instanceof List<?> list) {
            List<Object> copy = new ArrayList<>();
            list.forEach(v -> copy.add(frozen(v)));
            return Collections.unmodifiableList(copy);
        }
        if (value instanceof String || value instanceof Boolean || value instanceof BigDecimal) {
            return value;
        }
        if (value == Missing.NULL) {
            return value;
        }
        throw new IllegalArgumentException("cannot keep a " + value.getClass());
    }

    /** The one null of the format: an unidentified plant. */
    public enum Missing {
        NULL
    }
}
