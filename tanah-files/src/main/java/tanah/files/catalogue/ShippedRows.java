package tanah.files.catalogue;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** The cells of the shipped data files as they are written, for reading them and for beginning an own entry from one. */
public final class ShippedRows {
    private final Map<Kind, List<Map<String, String>>> rows = new EnumMap<>(Kind.class);

    public ShippedRows() {
        for (Kind kind : Kind.values()) {
            rows.put(kind, read(kind));
        }
    }

    /** All rows, columns in the file's order. */
    public List<Map<String, String>> all(Kind kind) {
        return rows.getOrDefault(kind, List.of());
    }

    public Optional<Map<String, String>> find(Kind kind, String id) {
        return all(kind).stream().filter(r -> r.get(kind.key()).equals(id)).findFirst();
    }

    /** Columns in the file's order. */
    public List<String> columns(Kind kind) {
        return List.copyOf(all(kind).get(0).keySet());
    }

    private static List<Map<String, String>> read(Kind kind) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        List<Map<String, String>> all = new ArrayList<>();
        try (CSVParser parser = format.parse(new StringReader(CatalogueReader.resource(kind.word())))) {
            for (CSVRecord line : parser) {
                Map<String, String> cells = new LinkedHashMap<>();
                parser.getHeaderNames().forEach(column -> cells.put(column, line.get(column)));
                all.add(Collections.unmodifiableMap(cells));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return List.copyOf(all);
    }
}
