package tanah.files.catalogue;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import tanah.files.schema.Problem;
import tanah.files.schema.Schemas;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Reads one data file (RFC 4180) into rows typed and checked by its schema. */
final class Table {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    private final String file;
    private final Schemas schema;
    private final List<CatalogueProblem> problems;

    private Table(String file, Schemas schema, List<CatalogueProblem> problems) {
        this.file = file;
        this.schema = schema;
        this.problems = problems;
    }

    /** Rows that the schema accepts; what it refuses is added to {@code problems}. */
    static List<Row> read(String name, Reader csv, List<CatalogueProblem> problems) {
        return new Table(name + ".csv", Schemas.load(name), problems).rows(csv);
    }

    private List<Row> rows(Reader csv) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        List<Row> rows = new ArrayList<>();
        try (CSVParser parser = format.parse(csv)) {
            for (CSVRecord line : parser) {
                ObjectNode json = typed(schema, line.toMap());
                Row row = new Row(file, parser.getCurrentLineNumber(), json);
                List<Problem> refused = schema.problems(json);
                if (!line.isConsistent()) {
                    problems.add(row.problem("(row)", "has " + line.size() + " cells", "as many cells as the header"));
                } else if (refused.isEmpty()) {
                    rows.add(row);
                }
                refused.forEach(p -> problems.add(row.problem(column(p), p.what(), p.accepted())));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return rows;
    }

    static String column(Problem problem) {
        String pointer = problem.pointer();
        int second = pointer.indexOf('/', 1);
        return pointer.isEmpty() ? "(row)" : pointer.substring(1, second < 0 ? pointer.length() : second);
    }

    /** Cells typed as the schema types their columns; empty cells are left out. */
    static ObjectNode typed(Schemas schema, Map<String, String> cells) {
        ObjectNode json = JSON.objectNode();
        cells.forEach((column, cell) -> put(schema, json, column, cell));
        return json;
    }

    private static void put(Schemas schema, ObjectNode json, String column, String cell) {
        if (cell.isEmpty()) {
            return;
        }
        JsonNode rule = schema.property(column);
        if (rule.path("type").asString("").equals("array")) {
            ArrayNode list = json.putArray(column);
            for (String word : cell.split(";", -1)) {
                list.add(word.strip());
            }
        } else if (isNumber(rule)) {
            json.set(column, number(cell));
        } else {
            json.put(column, cell);
        }
    }

    private static boolean isNumber(JsonNode rule) {
        String type = rule.path("type").asString("");
        JsonNode choices = rule.path("enum");
        return type.equals("number")
                || type.equals("integer")
                || (choices.isArray() && !choices.isEmpty() && choices.get(0).isNumber());
    }

    /** The number, or the text where it is none, which the schema then refuses. */
    private static JsonNode number(String cell) {
        if (cell.matches("-?\\d{1,9}")) {
            return JSON.numberNode(Long.parseLong(cell));
        }
        return cell.matches("-?\\d{1,9}\\.\\d{1,9}")
                ? JSON.numberNode(Double.parseDouble(cell))
                : JSON.stringNode(cell);
    }
}
