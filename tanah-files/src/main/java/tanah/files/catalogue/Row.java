package tanah.files.catalogue;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import tools.jackson.databind.JsonNode;

/**
 * A checked row of a data file.
 *
 * @param file of the row
 * @param line from 1, the header is line 1
 * @param json cells by column; empty cells are absent
 */
record Row(String file, long line, JsonNode json) {

    String text(String column) {
        return json.path(column).asString("");
    }

    double number(String column) {
        return json.path(column).asDouble();
    }

    boolean has(String column) {
        return json.has(column);
    }

    OptionalDouble optional(String column) {
        return has(column) ? OptionalDouble.of(number(column)) : OptionalDouble.empty();
    }

    boolean flag(String column) {
        return number(column) != 0;
    }

    List<String> list(String column) {
        List<String> words = new ArrayList<>();
        json.path(column).forEach(v -> words.add(v.asString()));
        return words;
    }

    /** Cells of the form {@code id:parts}. */
    Map<String, Double> parts(String column) {
        Map<String, Double> parts = new LinkedHashMap<>();
        for (String part : list(column)) {
            int colon = part.indexOf(':');
            parts.put(part.substring(0, colon), Double.parseDouble(part.substring(colon + 1)));
        }
        return parts;
    }

    CatalogueProblem problem(String column, String what, String accepted) {
        return new CatalogueProblem(file, line, column, text(column), what, accepted);
    }
}
