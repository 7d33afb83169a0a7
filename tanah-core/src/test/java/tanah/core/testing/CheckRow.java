package tanah.core.testing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.params.aggregator.ArgumentsAccessor;
import org.junit.jupiter.params.aggregator.ArgumentsAggregator;

/** A row of a check table: inputs as flat JSON, the expected number, its tolerance and where it comes from. */
public record CheckRow(String quantity, String inputs, double expected, Double abs, Double rel, String from) {

    /** Reads a row of the columns id, quantity, inputs, expected, unit, absolute and relative tolerance, provenance. */
    public static final class Reader implements ArgumentsAggregator {
        @Override
        public CheckRow aggregateArguments(ArgumentsAccessor row, ParameterContext context) {
            return new CheckRow(
                    row.getString(1),
                    row.getString(2),
                    row.getDouble(3),
                    row.getDouble(5),
                    row.getDouble(6),
                    row.getString(7));
        }
    }

    /** The number of an input, wherever it stands in the JSON. */
    public double number(String name) {
        Matcher m = Pattern.compile("\"" + name + "\":(-?[0-9.eE+-]+)").matcher(inputs);
        if (!m.find()) {
            throw new IllegalArgumentException(name + " is not among " + inputs);
        }
        return Double.parseDouble(m.group(1));
    }

    public double number(String name, double otherwise) {
        return has(name) ? number(name) : otherwise;
    }

    public boolean has(String name) {
        return inputs.contains("\"" + name + "\":");
    }

    public boolean says(String name, String word) {
        return inputs.contains("\"" + name + "\":\"" + word + "\"");
    }

    /** Holds a computed value to the tolerance of the row; tables are printed with nine digits. */
    public void holds(double computed) {
        double allowed = Math.max(abs == null ? 0 : abs, (rel == null ? 0 : rel) * Math.abs(expected));
        double printed = Math.abs(expected) * 5e-9;
        assertThat(computed)
                .as(quantity + " " + inputs + ": " + from)
                .isCloseTo(expected, within(Math.max(allowed, printed)));
    }
}
