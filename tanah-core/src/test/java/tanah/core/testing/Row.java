package tanah.core.testing;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.Map;

/** The inputs of a row of a check table, written as {@code name=value;name=value}. */
public final class Row {
    private final Map<String, String> fields = new HashMap<>();

    private Row(String inputs) {
        for (String part : inputs.split(";")) {
            int at = part.indexOf('=');
            if (at > 0) {
                fields.put(part.substring(0, at).strip(), part.substring(at + 1).strip());
            }
        }
    }

    public static Row of(String inputs) {
        return new Row(inputs);
    }

    /** A number; its unit may follow. */
    public double number(String name) {
        return Double.parseDouble(text(name).split(" ")[0]);
    }

    /** A table's tolerance, but not less than the rounding of the number that it prints. */
    public static double tolerance(String printed, double given) {
        BigDecimal number = new BigDecimal(printed);
        return number.scale() > 0 ? Math.max(given, number.ulp().doubleValue() / 2) : given;
    }

    public boolean has(String name) {
        return fields.containsKey(name);
    }

    public String text(String name) {
        String value = fields.get(name);
        if (value == null) {
            throw new IllegalArgumentException("no " + name + " in " + fields);
        }
        return value;
    }
}
