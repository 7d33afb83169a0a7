package tanah.web.log;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.Reader;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;
import tanah.core.design.Design;
import tanah.core.need.ReadingKind;
import tanah.web.forms.Moments;
import tanah.web.shell.Words;

/**
 * Reads readings from CSV (RFC 4180): a row for each time and place, a column for each kind with its unit in the name, times
 * with offset (ISO 8601). Numbers have a point, whatever the keeper's mark.
 */
@Component
public class ReadingsCsv {
    /** Largest file that is taken in (characters). */
    static final int MOST = 8_000_000;

    private static final int MOST_ROWS = 100_000;
    private static final Pattern NUMBER = Pattern.compile("-?\\d{1,9}(\\.\\d{1,17})?");
    private static final Pattern NAME = Pattern.compile("[a-z0-9][a-z0-9-]{0,39}");
    private static final char MARK = '\uFEFF';
    static final String TIME = "time";
    static final String PLACE = "place";
    static final String PLACE_NAME = "place_name";

    private final ReadingWords kinds;
    private final Words words;
    private final Clock clock;

    ReadingsCsv(ReadingWords kinds, Words words, Clock clock) {
        this.kinds = kinds;
        this.words = words;
        this.clock = clock;
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

    /** @param since when the enclosure began to stand: what is read before is a mistake of a clock */
    Read read(String text, long enclosure, Design design, LocalDate since) {
        List<Row> rows = new ArrayList<>();
        String problem = read(
                new StringReader(text),
                new Bounds(enclosure, Optional.of(design), Optional.of(since)),
                MOST_ROWS,
                rows::add);
        return new Read(problem, rows);
    }

    /** What a row is held against: places and a first day where there are such. */
    private record Bounds(long enclosure, Optional<Design> design, Optional<LocalDate> since) {
        boolean isTooEarly(OffsetDateTime at) {
            return since.map(day -> at.isBefore(day.atStartOfDay().atOffset(ZoneOffset.UTC)))
                    .orElse(false);
        }
    }

    /**
     * Reads a table of an archive, as long as it is, handing out row by row: places that the newest plan no longer has are
     * taken as they are.
     *
     * @return why it could not be read to its end; empty if it was
     */
    public String restore(Reader text, long enclosure, Consumer<Row> rows) {
        return read(text, new Bounds(enclosure, Optional.empty(), Optional.empty()), Long.MAX_VALUE, rows);
    }

    private String read(Reader text, Bounds bounds, long most, Consumer<Row> rows) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .get();
        long number = 0;
        try (CSVParser parser = format.parse(withoutMark(text))) {
            Map<String, ReadingKind> columns = new LinkedHashMap<>();
            String problem = columns(parser.getHeaderNames(), columns);
            if (!problem.isEmpty()) {
                return problem;
            }
            for (CSVRecord line : parser) {
                if (number >= most) {
                    return words.of("csv.rows", String.valueOf(most));
                }
                rows.accept(row(line, columns, bounds));
                number++;
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException | IllegalStateException e) {
            return words.of("csv.broken", String.valueOf(number + 2));
        }
        return number == 0 ? words.of("csv.empty") : "";
    }

    /** Skips the mark that some programs set before UTF-8. */
    private static Reader withoutMark(Reader text) throws IOException {
        BufferedReader buffered = new BufferedReader(text);
        buffered.mark(1);
        if (buffered.read() != MARK) {
            buffered.reset();
        }
        return buffered;
    }

    /** Finds the kinds of the columns; returns why they cannot be taken, or nothing. */
    private String columns(List<String> header, Map<String, ReadingKind> columns) {
        if (!header.contains(TIME) || !header.contains(PLACE)) {
            return words.of("csv.header");
        }
        for (String column : header) {
            Optional<ReadingKind> kind =
                    kinds.all().stream().filter(k -> k.column().equals(column)).findFirst();
            kind.ifPresent(k -> columns.put(column, k));
            if (kind.isEmpty() && !List.of(TIME, PLACE, PLACE_NAME).contains(column)) {
                return words.of("csv.column", column, "temp_air_c, rh_pct, temp_water_c");
            }
        }
        return columns.isEmpty() ? words.of("csv.nothing") : "";
    }

    private Row row(CSVRecord line, Map<String, ReadingKind> columns, Bounds bounds) {
        long number = line.getRecordNumber() + 1;
        if (!line.isConsistent()) {
            return new Row(number, "", "", "", words.of("csv.cells", String.valueOf(line.size())), List.of());
        }
        String time = line.get(TIME).strip();
        String place = line.get(PLACE).strip();
        List<String> shown = new ArrayList<>();
        List<Reading.New> taken = new ArrayList<>();
        String problem = "";
        Moments.Read moment = Moments.read(time, clock);
        OffsetDateTime at = moment.at().orElse(null);
        if (moment.refusal().isPresent()) {
            problem = words.of(
                    switch (moment.refusal().get()) {
                        case FORM -> "csv.time";
                        case FUTURE -> "error.time.future";
                        case OLD -> "error.time.old";
                    });
        }
        if (at != null && bounds.isTooEarly(at)) {
            problem = words.of("csv.before");
        }
        if (problem.isEmpty() && !isPlace(place, bounds.design())) {
            problem = words.of("csv.place", bounds.design().map(this::places).orElse(""));
        }
        for (Map.Entry<String, ReadingKind> column : columns.entrySet()) {
            String cell = line.get(column.getKey()).strip();
            if (cell.isEmpty()) {
                continue;
            }
            shown.add(column.getKey() + " " + cell);
            ReadingKind kind = column.getValue();
            if (!NUMBER.matcher(cell).matches()) {
                problem = words.of("csv.number", column.getKey(), cell);
            } else if (Double.parseDouble(cell) < kind.min() || Double.parseDouble(cell) > kind.max()) {
                problem = words.of(
                        "csv.range",
                        column.getKey(),
                        cell,
                        ReadingsTable.plain(kind.min()),
                        ReadingsTable.plain(kind.max()));
            } else if (problem.isEmpty() && at != null) {
                taken.add(new Reading.New(
                        bounds.enclosure(),
                        place,
                        kind.id(),
                        Double.parseDouble(cell),
                        at,
                        client(bounds.enclosure(), place, kind, at, cell)));
            }
        }
        if (problem.isEmpty() && taken.isEmpty()) {
            problem = words.of("csv.no_value");
        }
        return new Row(number, time, place, String.join(", ", shown), problem, problem.isEmpty() ? taken : List.of());
    }

    private boolean isPlace(String place, Optional<Design> design) {
        return design.map(d -> !kinds.at(d, place).isEmpty())
                .orElse(NAME.matcher(place).matches());
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
