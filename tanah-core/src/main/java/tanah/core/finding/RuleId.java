package tanah.core.finding;

import java.util.regex.Pattern;

/**
 * The lasting name of a rule. Message keys, the table of rules and the tests hang on it; it is never used again for
 * another meaning.
 */
public record RuleId(String value) implements Comparable<RuleId> {
    private static final Pattern FORM = Pattern.compile("GW-\\d{3}|[a-z]+(\\.[a-z0-9_]+)+");

    public RuleId {
        if (!FORM.matcher(value).matches()) {
            throw new IllegalArgumentException("not a rule id: " + value);
        }
    }

    @Override
    public int compareTo(RuleId other) {
        return value.compareTo(other.value);
    }

    @Override
    public String toString() {
        return value;
    }
}
