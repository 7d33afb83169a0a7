package tanah.web.forms;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tanah.core.units.Unit;

/**
 * Reads a number as people type it: point or comma, a unit behind it, sums such as {@code 12+3.5}. Without a unit the
 * keeper's own holds. Answers in SI.
 */
public final class Quantity {
    private static final Pattern TERM = Pattern.compile("([+-]?)\\s*(\\d{1,7}(?:[.,]\\d{1,6})?)\\s*([a-z°%\"′″']*)");
    private static final int LONGEST = 40;
    private static final Map<Pattern, String> SPELLINGS = spellings();

    /** What a field measures, with the units that it understands; the first is its own. */
    public enum Kind {
        LENGTH(Map.of(
                "", 0.01, "cm", 0.01, "mm", 0.001, "m", 1.0, "in", 0.0254, "\"", 0.0254, "″", 0.0254, "ft", 0.3048)),
        THICKNESS(Map.of("", 0.001, "mm", 0.001, "cm", 0.01, "in", 0.0254, "\"", 0.0254)),
        VOLUME(Map.of(
                "",
                0.001,
                "l",
                0.001,
                "ml",
                1e-6,
                "gal",
                Unit.US_GALLON.toSi(1),
                "galus",
                Unit.US_GALLON.toSi(1),
                "galimp",
                Unit.IMPERIAL_GALLON.toSi(1))),
        MASS(Map.of("", 1.0, "kg", 1.0, "g", 0.001, "lb", Unit.POUND.toSi(1), "lbs", Unit.POUND.toSi(1))),
        GRAMS(Map.of("", 0.001, "g", 0.001, "kg", 1.0, "oz", 0.028349523125)),
        TEMPERATURE(Map.of("", 1.0, "c", 1.0, "°c", 1.0, "°", 1.0)),
        SHARE(Map.of("", 0.01, "%", 0.01, "pct", 0.01)),
        NUMBER(Map.of("", 1.0));

        private final Map<String, Double> factors;

        Kind(Map<String, Double> factors) {
            this.factors = factors;
        }

        /** The unit that a bare number has for the keeper of this request. */
        private String usual() {
            if (!Presentation.current().isUs()) {
                return "";
            }
            return switch (this) {
                case LENGTH, THICKNESS -> "in";
                case VOLUME -> "gal";
                case MASS -> "lb";
                case TEMPERATURE -> "f";
                case GRAMS, SHARE, NUMBER -> "";
            };
        }
    }

    private Quantity() {}

    private static Map<Pattern, String> spellings() {
        Map<Pattern, String> all = new LinkedHashMap<>();
        all.put(Pattern.compile("(us|u\\.s\\.)\\s?gal(lons?|s)?(?![a-z])"), "galus");
        all.put(Pattern.compile("gal(lons?|s)?\\s?\\(?(us|u\\.s\\.)\\)?(?![a-z])"), "galus");
        all.put(Pattern.compile("(imperial|imp\\.?|uk)\\s?gal(lons?|s)?(?![a-z])"), "galimp");
        all.put(Pattern.compile("gal(lons?|s)?\\s?\\(?(imperial|imp\\.?|uk)\\)?(?![a-z])"), "galimp");
        all.put(Pattern.compile("gal(lons?|s)(?![a-z])"), "gal");
        all.put(Pattern.compile("lit(re|er)s?(?![a-z])"), "l");
        all.put(Pattern.compile("inch(es)?(?![a-z])"), "in");
        all.put(Pattern.compile("(feet|foot)(?![a-z])"), "ft");
        all.put(Pattern.compile("pounds?(?![a-z])"), "lb");
        return all;
    }

    /** The number in SI, or empty if the text is none. */
    public static OptionalDouble parse(String text, Kind kind) {
        String plain = plain(text);
        if (plain.isEmpty() || plain.length() > LONGEST) {
            return OptionalDouble.empty();
        }
        Matcher matcher = TERM.matcher(plain);
        double sum = 0;
        int end = 0;
        while (matcher.find()) {
            String between = plain.substring(end, matcher.start()).strip();
            boolean joined = end == 0 || !matcher.group(1).isEmpty();
            OptionalDouble term = term(matcher, kind);
            if (!between.isEmpty() || !joined || term.isEmpty()) {
                return OptionalDouble.empty();
            }
            sum += term.getAsDouble();
            end = matcher.end();
        }
        boolean whole = end > 0 && plain.substring(end).isBlank();
        return whole ? OptionalDouble.of(sum) : OptionalDouble.empty();
    }

    /** Units as people write them ("12 US gallons", "3 inches") in the words that a field understands. */
    public static String plain(String text) {
        String plain = text.strip()
                .toLowerCase(Locale.ROOT)
                .replace('−', '-')
                .replace('\u2009', ' ')
                .replace('\u00a0', ' ');
        if (plain.length() > LONGEST) {
            return plain;
        }
        for (Map.Entry<Pattern, String> spelling : SPELLINGS.entrySet()) {
            plain = spelling.getKey().matcher(plain).replaceAll(spelling.getValue());
        }
        return plain;
    }

    private static OptionalDouble term(Matcher matcher, Kind kind) {
        double number = Double.parseDouble(matcher.group(2).replace(',', '.'));
        double signed = matcher.group(1).equals("-") ? -number : number;
        String unit = matcher.group(3).isEmpty() ? kind.usual() : matcher.group(3);
        if (kind == Kind.TEMPERATURE && (unit.equals("f") || unit.equals("°f"))) {
            return OptionalDouble.of((signed - 32) / 1.8);
        }
        Double factor = kind.factors.get(unit);
        return factor == null ? OptionalDouble.empty() : OptionalDouble.of(signed * factor);
    }
}
