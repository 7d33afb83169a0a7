package tanah.web.forms;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.OptionalDouble;
import tanah.core.units.Unit;

/** Gathers what is wrong with a form, field by field, while its numbers are read. */
public final class FieldErrors {
    private final Map<String, Message> errors = new LinkedHashMap<>();

    /**
     * @param key of the wording
     * @param arguments for it
     */
    public record Message(String key, Object[] arguments) {
        public Message {
            arguments = arguments.clone();
        }
    }

    public boolean isEmpty() {
        return errors.isEmpty();
    }

    public Map<String, Message> all() {
        return Map.copyOf(errors);
    }

    public void add(String field, String key, Object... arguments) {
        errors.putIfAbsent(field, new Message(key, arguments));
    }

    /**
     * Reads a number that has to be there.
     *
     * @param min least value in SI
     * @param max greatest value in SI
     * @param shown unit in which the limits are worded
     * @return the number in SI, or empty with an error noted
     */
    public OptionalDouble required(String field, String text, Quantity.Kind kind, double min, double max, Unit shown) {
        if (text.isBlank()) {
            add(field, "error.number.missing");
            return OptionalDouble.empty();
        }
        return optional(field, text, kind, min, max, shown);
    }

    /** Reads a number that may be left out. */
    public OptionalDouble optional(String field, String text, Quantity.Kind kind, double min, double max, Unit shown) {
        if (text.isBlank()) {
            return OptionalDouble.empty();
        }
        OptionalDouble value = Quantity.parse(text, kind);
        if (value.isEmpty()) {
            add(field, "error.number.form", example(kind));
            return value;
        }
        double v = value.getAsDouble();
        if (!(v >= min - 1e-9 && v <= max + 1e-9)) {
            add(
                    field,
                    "error.number.range",
                    limit(min, kind, shown),
                    limit(max, kind, shown),
                    behind(unit(kind, shown)));
            return OptionalDouble.empty();
        }
        return value;
    }

    private static String limit(double si, Quantity.Kind kind, Unit shown) {
        if (!Presentation.current().isUs()) {
            return Numbers.plain(shown.fromSi(si));
        }
        return switch (kind) {
            case LENGTH, THICKNESS -> Numbers.upTo(Numbers.length(si), 2);
            case VOLUME -> Numbers.upTo(Numbers.volume(si), 2);
            case MASS -> Numbers.upTo(Numbers.mass(si), 1);
            case TEMPERATURE -> Numbers.degrees(si);
            default -> Numbers.plain(shown.fromSi(si));
        };
    }

    private static String behind(String unit) {
        return unit.isEmpty() ? "" : " " + unit;
    }

    private static String unit(Quantity.Kind kind, Unit shown) {
        if (!Presentation.current().isUs()) {
            return shown.symbol();
        }
        return switch (kind) {
            case LENGTH, THICKNESS -> "in";
            case VOLUME -> "gal";
            case MASS -> "lb";
            case TEMPERATURE -> "°F";
            default -> shown.symbol();
        };
    }

    private static String example(Quantity.Kind kind) {
        String metric = switch (kind) {
            case LENGTH -> "12.5 cm / 5 in";
            case THICKNESS -> "6 mm / 0.25 in";
            case VOLUME -> "243 l / 64 gal";
            case MASS -> "200 kg / 440 lb";
            case GRAMS -> "30 g / 1 oz";
            case TEMPERATURE -> "21.5 C / 70 F";
            case SHARE -> "55";
            case NUMBER -> "4";
        };
        return Numbers.marked(metric);
    }
}
