package tanah.web.log;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;
import tanah.core.design.Design;
import tanah.core.need.ReadingKind;
import tanah.web.shell.Words;

/**
 * Readings as CSV (RFC 4180): a row for each time and place, a column for each kind with its unit in the name, times
 * with offset (ISO 8601). Numbers have a point, whatever the keeper's mark.
 */
@Component
public class ReadingsCsv {
    /** Largest file that is taken in (characters). */
    static final int MOST = 8_000_000;

    private static final int MOST_ROWS = 100_000;
    private static final String TIME = "time";
    private static final String PLACE = "place";
    private static final String PLACE_NAME = "place_name";

    private final ReadingService readings;
    private final ReadingWords kinds;
    private final Words words;
    private final Clock clock;

    ReadingsCsv(ReadingService readings, ReadingWords kinds, Words words, Clock clock) {
        this.readings = readings;
        this.kinds = kinds;
        this.words = words;
        this.clock = clock;
    }

    /** All readings of an enclosure. */
    public String write(long keeperId, long enclosure, Design design) {
        Map<String, Map<String, Double>> rows = new LinkedHashMap<>();
        Set<String> used = new LinkedHashSet<>();
        List<Map<String, Double>> cells = new ArrayList<>();
        List<String[]> heads = new ArrayList<>();
        readings.each(keeperId, enclosure, r -> {
            String time = DateTimeFormatter.ISO_OFFSET_DATE_TIME.format(
                    r.takenAt().atZoneSameInstant(clock.getZone()).toOffsetDateTime());
            String key = time + " " + r.place();
            Map<String, Double> row = rows.get(key);
            // two readings of one kind at one time and place stand in two rows
            if (row == null || row.containsKey(r.kind())) {
                row = new LinkedHashMap<>();
                rows.put(key, row);
                cells.add(row);
                heads.add(new String[] {time, r.place()});
            }
            row.put(r.kind(), r.value());
            used.add(r.kind());
        });
        List<ReadingKind> columns =
                kinds.all().stream().filter(k -> used.contains(k.id())).toList();
        StringBuilder out = new StringBuilder();
        try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
            List<String> header = new ArrayList<>(List.of(TIME, PLACE, PLACE_NAME));
            columns.forEach(k -> header.add(k.column()));
            csv.printRecord(header);
            for (int i = 0; i < cells.size(); i++) {
                List<Object> line = new ArrayList<>(
                        List.of(heads.get(i)[0], heads.get(i)[1], kinds.place(design, heads.get(i)[1])));
                for (ReadingKind k : columns) {
                    Double value = cells.get(i).get(k.id());
                    line.add(value == null ? "" : plain(value));
                }
                csv.printRecord(line);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static String plain(double value) {
        return java.math.BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
    }

    /**
     * A row of a file.
     *
     * @param number  line of the file, the header is 1
     * @param time    as written
     * @param place   as written
     * @param values  kinds with their values, as written
     * @param problem why it is not taken; empty if it is
     */
    public record Row(long number, String time, String place, String values, String problem, List<Reading.New> taken) {}

    /**
     * A file read.
     *
     * @param problem why nothing of it can be taken; empty if its rows were read
     */
    public record Read(String problem, List<Row> rows) {
        public List<Reading.New> taken() {
            return rows.stream().flatMap(r -> r.taken().stream()).toList();
        }
    }

    Read read(String text, long enclosure, Design design) {
        return read(text, enclosure, Optional.of(design));
    }

    /** Reads a file of an archive: places that the newest plan no longer has are taken as they are. */
    public Read restore(String text, long enclosure) {
        return read(text, enclosure, Optional.empty());
    }

    private Read read(String text, long enclosure, Optional<Design> design) {
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .get();
        List<Row> rows = new ArrayList<>();
        try (CSVParser parser = format.parse(new StringReader(plain))) {
            List<String> header = parser.getHeaderNames();
            if (!header.contains(TIME) || !header.contains(PLACE)) {
                return new Read(words.of("csv.header"), rows);
            }
            Map<String, ReadingKind> columns = new LinkedHashMap<>();
            for (String column : header) {
                Optional<ReadingKind> kind = kinds.all().stream()
                        .filter(k -> k.column().equals(column))
                        .findFirst();
                kind.ifPresent(k -> columns.put(column, k));
                if (kind.isEmpty() && !List.of(TIME, PLACE, PLACE_NAME).contains(column)) {
                    return new Read(words.of("csv.column", column, "temp_air_c, rh_pct, temp_water_c"), rows);
                }
            }
            if (columns.isEmpty()) {
                return new Read(words.of("csv.nothing"), rows);
            }
            for (CSVRecord line : parser) {
                if (rows.size() >= MOST_ROWS) {
                    return new Read(words.of("csv.rows", String.valueOf(MOST_ROWS)), rows);
                }
                rows.add(row(line, columns, enclosure, design));
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException | IllegalStateException e) {
            return new Read(words.of("csv.broken", String.valueOf(rows.size() + 2)), rows);
        }
        return new Read(rows.isEmpty() ? words.of("csv.empty") : "", rows);
    }

    private Row row(CSVRecord line, Map<String, ReadingKind> columns, long enclosure, Optional<Design> design) {
        long number = line.getRecordNumber() + 1;
        if (!line.isConsistent()) {
            return new Row(number, "", "", "", words.of("csv.cells", String.valueOf(line.size())), List.of());
        }
        String time = line.get(TIME).strip();
        String place = line.get(PLACE).strip();
        List<String> shown = new ArrayList<>();
        List<Reading.New> taken = new ArrayList<>();
        String problem = "";
        OffsetDateTime at = null;
        try {
            at = OffsetDateTime.parse(time);
        } catch (DateTimeParseException e) {
            problem = words.of("csv.time");
        }
        if (at != null && at.isAfter(OffsetDateTime.now(clock).plusMinutes(2))) {
            problem = words.of("error.time.future");
        }
        if (at != null && at.getYear() < 1990) {
            problem = words.of("error.time.old");
        }
        if (problem.isEmpty() && !isPlace(place, design)) {
            problem = words.of("csv.place", design.map(this::places).orElse(""));
        }
        for (Map.Entry<String, ReadingKind> column : columns.entrySet()) {
            String cell = line.get(column.getKey()).strip();
            if (cell.isEmpty()) {
                continue;
            }
            shown.add(column.getKey() + " " + cell);
            ReadingKind kind = column.getValue();
            if (!cell.matches("-?\\d{1,9}(\\.\\d{1,9})?")) {
                problem = words.of("csv.number", column.getKey(), cell);
            } else if (Double.parseDouble(cell) < kind.min() || Double.parseDouble(cell) > kind.max()) {
                problem = words.of("csv.range", column.getKey(), cell, plain(kind.min()), plain(kind.max()));
            } else if (problem.isEmpty() && at != null) {
                taken.add(new Reading.New(
                        enclosure,
                        place,
                        kind.id(),
                        Double.parseDouble(cell),
                        at,
                        client(enclosure, place, kind, at, cell)));
            }
        }
        if (problem.isEmpty() && taken.isEmpty()) {
            problem = words.of("csv.no_value");
        }
        return new Row(number, time, place, String.join(", ", shown), problem, problem.isEmpty() ? taken : List.of());
    }

    private boolean isPlace(String place, Optional<Design> design) {
        return design.map(d -> !kinds.at(d, place).isEmpty()).orElse(place.matches("[a-z0-9][a-z0-9-]{0,39}"));
    }

    private String places(Design design) {
        List<String> ids =
                new ArrayList<>(design.probes().stream().map(p -> p.id()).toList());
        ids.add(ReadingWords.WHOLE);
        return String.join(", ", ids);
    }

    /** The same reading of the same file is the same reading: taking a file in twice changes nothing. */
    private static String client(long enclosure, String place, ReadingKind kind, OffsetDateTime at, String cell) {
        String all = enclosure + "|" + place + "|" + kind.id() + "|" + at.toInstant() + "|" + cell;
        return UUID.nameUUIDFromBytes(all.getBytes(StandardCharsets.UTF_8)).toString();
    }
}
