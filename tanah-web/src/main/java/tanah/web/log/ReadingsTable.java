package tanah.web.log;

import java.io.IOException;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import tanah.core.design.Design;
import tanah.core.need.ReadingKind;
import tanah.web.forms.CsvOut;

/** Writes the readings of an enclosure as CSV, as long as they are: only those of one moment are in memory at a time. */
@Component
public class ReadingsTable {
    private final ReadingService readings;
    private final ReadingWords kinds;
    private final Clock clock;

    ReadingsTable(ReadingService readings, ReadingWords kinds, Clock clock) {
        this.readings = readings;
        this.kinds = kinds;
        this.clock = clock;
    }

    /** All readings of an enclosure, oldest first; what is written to is left open. */
    public void write(long keeperId, long enclosure, Design design, Appendable out) throws IOException {
        Set<String> used = Set.copyOf(readings.kinds(keeperId, enclosure));
        List<ReadingKind> columns =
                kinds.all().stream().filter(k -> used.contains(k.id())).toList();
        CsvOut csv = new CsvOut(out);
        List<String> header = new ArrayList<>(List.of(ReadingsCsv.TIME, ReadingsCsv.PLACE, ReadingsCsv.PLACE_NAME));
        columns.forEach(k -> header.add(k.column()));
        csv.row(header.toArray());
        Moment moment = new Moment(csv, design, columns);
        readings.each(keeperId, enclosure, moment::take);
        moment.end();
        csv.flush();
    }

    /** A number without a power of ten. */
    static String plain(double value) {
        return BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
    }

    /** A row of a place: two readings of one kind at one time and place stand in two rows. */
    private record Row(String place, Map<String, Double> cells) {}

    /** Gathers the readings of one moment into rows. */
    private final class Moment {
        private final CsvOut csv;
        private final Design design;
        private final List<ReadingKind> columns;
        private final List<Row> rows = new ArrayList<>();
        private OffsetDateTime time = OffsetDateTime.MIN;

        Moment(CsvOut csv, Design design, List<ReadingKind> columns) {
            this.csv = csv;
            this.design = design;
            this.columns = columns;
        }

        void take(Reading r) {
            if (!r.takenAt().isEqual(time)) {
                end();
                time = r.takenAt();
            }
            Row row = null;
            for (Row have : rows) {
                if (have.place().equals(r.place()) && !have.cells().containsKey(r.kind())) {
                    row = have;
                }
            }
            if (row == null) {
                row = new Row(r.place(), new LinkedHashMap<>());
                rows.add(row);
            }
            row.cells().put(r.kind(), r.value());
        }

        void end() {
            String at = rows.isEmpty()
                    ? ""
                    : DateTimeFormatter.ISO_OFFSET_DATE_TIME.format(
                            time.atZoneSameInstant(clock.getZone()).toOffsetDateTime());
            try {
                for (Row row : rows) {
                    List<Object> line = new ArrayList<>(List.of(at, row.place(), kinds.place(design, row.place())));
                    for (ReadingKind k : columns) {
                        Double value = row.cells().get(k.id());
                        line.add(value == null ? "" : plain(value));
                    }
                    csv.row(line.toArray());
                }
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
            rows.clear();
        }
    }
}
