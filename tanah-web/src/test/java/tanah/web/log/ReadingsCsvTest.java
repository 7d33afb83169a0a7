package tanah.web.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;
import static org.mockito.Mockito.withSettings;

import java.io.IOException;
import java.io.StringReader;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.design.Design;
import tanah.core.need.ReadingKind;
import tanah.files.catalogue.ReadingKinds;
import tanah.web.shell.Words;

/** Readings out as a table and in again: nothing is lost, nothing doubtful is taken. */
class ReadingsCsvTest {
    private static final Clock NOON = Clock.fixed(Instant.parse("2026-11-30T12:00:00Z"), ZoneId.of("Europe/Berlin"));
    private static final Design PLAN = Design.named("x");
    private static final LocalDate BEGUN = LocalDate.of(1990, 1, 1);

    /** Asked for each of many rows: it need not remember that. */
    private final ReadingWords kinds = mock(ReadingWords.class, withSettings().stubOnly());

    private final Words words = mock(
            Words.class, call -> call.getMethod().getReturnType() == String.class ? "" + call.getArgument(0) : null);
    private final ReadingService service = mock(ReadingService.class);
    private final ReadingsCsv csv = new ReadingsCsv(kinds, words, NOON);

    @BeforeEach
    void world() {
        List<ReadingKind> all = ReadingKinds.read();
        when(kinds.all()).thenReturn(all);
        when(kinds.at(any(), anyString())).thenReturn(all);
        when(kinds.at(any(), eq("nowhere"))).thenReturn(List.of());
        when(kinds.place(any(), anyString())).thenReturn("A place, with a comma");
    }

    private static Reading reading(long id, String place, String kind, double value, String at) {
        return new Reading(id, place, kind, value, OffsetDateTime.parse(at), 1);
    }

    private String table(Reading... all) throws IOException {
        List<Reading> readings = List.of(all);
        when(service.kinds(1, 2))
                .thenReturn(readings.stream().map(Reading::kind).distinct().toList());
        doAnswer(call -> {
                    Consumer<Reading> taker = call.getArgument(2);
                    readings.forEach(taker);
                    return null;
                })
                .when(service)
                .each(eq(1L), eq(2L), any());
        StringBuilder out = new StringBuilder();
        new ReadingsTable(service, kinds, NOON).write(1, 2, PLAN, out);
        return out.toString();
    }

    private List<Reading.New> back(String table) {
        List<Reading.New> taken = new ArrayList<>();
        String problem = csv.restore(new StringReader(table), 2, row -> {
            assertThat(row.problem()).isEmpty();
            taken.addAll(row.taken());
        });
        assertThat(problem).isEmpty();
        return taken;
    }

    @Test
    void whatGoesOutComesInAgain() throws IOException {
        Reading[] all = {
            reading(1, "warm", "temp_air", 31.25, "2026-11-01T08:00:00Z"),
            reading(2, "cool", "temp_air", 22, "2026-11-01T08:00:00Z"),
            reading(3, "warm", "rh", 60, "2026-11-01T09:00:00+01:00"),
            reading(4, "warm", "temp_air", 31.5, "2026-11-01T08:00:00Z"),
            reading(5, "warm", "temp_air", 0.000012, "2026-11-02T08:00:00Z"),
        };
        String table = table(all);
        assertThat(table.lines())
                .as("a head, warm, cool, warm again, the next day")
                .hasSize(5);
        assertThat(table).contains("0.000012").contains("2026-11-01T09:00:00+01:00");
        List<Reading.New> taken = back(table);
        assertThat(taken).hasSize(all.length);
        for (Reading r : all) {
            assertThat(taken)
                    .as(String.valueOf(r.id()))
                    .anyMatch(t -> t.place().equals(r.place())
                            && t.kind().equals(r.kind())
                            && t.value() == r.value()
                            && t.takenAt().isEqual(r.takenAt()));
        }
    }

    @Test
    void aTableWithoutReadingsIsAHead() throws IOException {
        assertThat(table()).isEqualToIgnoringNewLines("time,place,place_name");
    }

    /** A table of an archive is as long as it is; one that a keeper looks at before has its bound. */
    @Test
    void anArchivesTableIsReadToItsEnd() {
        StringBuilder table = new StringBuilder("time,place,temp_air_c\n");
        for (int i = 0; i <= 100_000; i++) {
            table.append("2026-11-01T08:00:00Z,warm,").append(i % 40).append('\n');
        }
        long[] rows = {0};
        assertThat(csv.restore(new StringReader(table.toString()), 2, row -> rows[0]++))
                .isEmpty();
        assertThat(rows[0]).isEqualTo(100_001);
        ReadingsCsv.Read looked = csv.read(table.toString(), 2, PLAN, BEGUN);
        assertThat(looked.problem()).isEqualTo("csv.rows");
        assertThat(looked.rows()).hasSize(100_000);
    }

    @ParameterizedTest
    @CsvSource({
        "2026-11-01T08:00:00Z, warm, 20, ''",
        "2026-11-01T08:00:00, warm, 20, csv.time",
        "yesterday, warm, 20, csv.time",
        "2026-11-30T12:02:00Z, warm, 20, ''",
        "2026-11-30T12:02:01Z, warm, 20, error.time.future",
        "1990-01-01T00:00:00Z, warm, 20, ''",
        "1989-12-31T23:59:59Z, warm, 20, error.time.old",
        "2026-11-01T08:00:00Z, nowhere, 20, csv.place",
        "2026-11-01T08:00:00Z, warm, , csv.no_value",
        "2026-11-01T08:00:00Z, warm, 20 C, csv.number",
        "2026-11-01T08:00:00Z, warm, 1e3, csv.number",
        "2026-11-01T08:00:00Z, warm, 999, csv.range",
    })
    void aRowIsTakenOrSaysWhyNot(String time, String place, String value, String problem) {
        ReadingsCsv.Read read = csv.read(
                "time,place,temp_air_c\n" + time + "," + place + "," + (value == null ? "" : value), 2, PLAN, BEGUN);
        assertThat(read.problem()).isEmpty();
        assertThat(read.rows()).hasSize(1);
        assertThat(read.rows().get(0).problem()).isEqualTo(problem);
        assertThat(read.taken()).hasSize(problem.isEmpty() ? 1 : 0);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "time,temp_air_c|csv.header",
                "place,temp_air_c|csv.header",
                "time,place,heat_c|csv.column",
                "time,place,place_name|csv.nothing",
                "time,place,temp_air_c|csv.empty",
            })
    void aHeadThatIsNotUnderstoodIsRefused(String head, String problem) {
        assertThat(csv.read(head + "\n", 2, PLAN, BEGUN).problem()).isEqualTo(problem);
    }

    @Test
    void aQuotationMarkLeftOpenIsToldByItsRow() {
        ReadingsCsv.Read read = csv.read("time,place,temp_air_c\n2026-11-01T08:00:00Z,\"warm,20\n", 2, PLAN, BEGUN);
        assertThat(read.problem()).isEqualTo("csv.broken");
    }

    @Test
    void theMarkBeforeUtf8IsNoPartOfTheHead() {
        assertThat(csv.read("\uFEFFtime,place,temp_air_c\n2026-11-01T08:00:00Z,warm,20\n", 2, PLAN, BEGUN)
                        .taken())
                .hasSize(1);
    }

    /** Taking a file in twice changes nothing: the same row has the same id, another value another. */
    @Test
    void theSameRowIsTheSameReading() {
        String head = "time,place,temp_air_c\n";
        String id = csv.read(head + "2026-11-01T08:00:00Z,warm,20\n", 2, PLAN, BEGUN)
                .taken()
                .get(0)
                .clientId();
        assertThat(csv.read(head + "2026-11-01T09:00:00+01:00,warm,20\n", 2, PLAN, BEGUN)
                        .taken()
                        .get(0)
                        .clientId())
                .isEqualTo(id);
        assertThat(csv.read(head + "2026-11-01T08:00:00Z,warm,20.5\n", 2, PLAN, BEGUN)
                        .taken()
                        .get(0)
                        .clientId())
                .isNotEqualTo(id);
        assertThat(csv.read(head + "2026-11-01T08:00:00Z,warm,20\n", 3, PLAN, BEGUN)
                        .taken()
                        .get(0)
                        .clientId())
                .as("of another enclosure")
                .isNotEqualTo(id);
    }

    @ParameterizedTest
    @CsvSource({
        "2026-11-01T00:00:00Z, ''",
        "2026-10-31T23:59:59Z, csv.before",
        "2026-11-01T00:59:00+01:00, csv.before",
        "2026-10-31T23:30:00-01:00, ''"
    })
    void whatIsReadBeforeTheEnclosureStoodIsRefused(String time, String problem) {
        ReadingsCsv.Read read =
                csv.read("time,place,temp_air_c\n" + time + ",warm,20\n", 2, PLAN, LocalDate.of(2026, 11, 1));
        assertThat(read.rows())
                .singleElement()
                .extracting(ReadingsCsv.Row::problem)
                .isEqualTo(problem);
        assertThat(read.taken()).hasSize(problem.isEmpty() ? 1 : 0);
    }

    @Test
    void anArchiveIsTakenFromItsFirstReadingOn() {
        assertThat(back("time,place,temp_air_c\n1994-11-01T08:00:00Z,warm,20\n"))
                .hasSize(1);
    }
}
