package tanah.web.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static tanah.web.design.edit.EditingSupport.FROG;
import static tanah.web.design.edit.EditingSupport.LIZARD;

import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.design.Design;
import tanah.core.design.Probe;
import tanah.core.need.ReadingKind;
import tanah.web.design.edit.EditingSupport;
import tanah.web.forms.FieldErrors;

/** A reading as it is typed on a phone beside the box. */
class LogReaderTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-03-01T12:00:00Z"), ZoneId.of("Europe/Paris"));
    private static final String ID = "6f1c2d3e-0000-4000-8000-000000000001";

    private final ReadingWords words = new ReadingWords(new EditingSupport().words);
    private final LogReader reader = new LogReader(words, CLOCK);

    private record Read(Optional<Reading.New> reading, FieldErrors errors) {
        Reading.New taken() {
            assertThat(errors.all()).isEmpty();
            return reading.orElseThrow();
        }

        void refusedAt(String field, String key) {
            assertThat(reading).isEmpty();
            assertThat(errors.all()).containsOnlyKeys(field);
            assertThat(errors.all().get(field).key()).isEqualTo(key);
        }
    }

    private Read read(Design design, String place, String kind, String value, String earlier, String at) {
        FieldErrors errors = new FieldErrors();
        LogForm form = new LogForm(place, kind, value, earlier, at, ID, null, null);
        return new Read(reader.read(form, 7, design, errors), errors);
    }

    private static String place(Design design, Probe.Kind kind) {
        return design.probes().stream()
                .filter(p -> p.kind() == kind)
                .map(Probe::id)
                .findFirst()
                .orElseThrow();
    }

    private static final String AIR = place(LIZARD, Probe.Kind.AIR);

    private Read air(String value) {
        return read(LIZARD, AIR, "temp_air", value, "", "");
    }

    @ParameterizedTest
    @CsvSource({"21.5, 21.5", "'21,5', 21.5", "70.7 °F, 21.5", "21.5 °C, 21.5", "-3, -3"})
    void aTemperatureIsTakenAsItIsTyped(String typed, double celsius) {
        assertThat(air(typed).taken().value()).isCloseTo(celsius, within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "warm", "21.5.3", "1e9", "NaN", "Infinity", "12 furlongs"})
    void whatIsNoTemperatureIsTold(String typed) {
        Read read = air(typed);
        assertThat(read.reading()).isEmpty();
        assertThat(read.errors().all()).hasSize(1);
    }

    @Test
    void aPlaceThatIsGoneAndAKindThatIsNotReadThereAreTold() {
        read(LIZARD, "", "temp_air", "21", "", "").refusedAt("place", "error.place.missing");
        read(LIZARD, "place-of-nobody", "temp_air", "21", "", "").refusedAt("place", "error.place.missing");
        read(LIZARD, AIR, "", "21", "", "").refusedAt("kind", "error.kind.missing");
        read(LIZARD, AIR, "ph", "7", "", "").refusedAt("kind", "error.kind.missing");
        read(FROG, place(FROG, Probe.Kind.WATER), "ph", "7", "", "").taken();
    }

    @ParameterizedTest
    @CsvSource({"'', 0", "0, 0", "10, 10", "90, 90", "-5, 0", "100000, 1440", "soon, 0"})
    void aReadingWasTakenNowOrSomeMinutesAgo(String earlier, long minutes) {
        OffsetDateTime at =
                read(LIZARD, AIR, "temp_air", "21", earlier, "").taken().takenAt();
        assertThat(at.toInstant()).isEqualTo(CLOCK.instant().minusSeconds(minutes * 60));
    }

    @ParameterizedTest
    @CsvSource({
        "2026-03-01T12:30, 2026-03-01T11:30:00Z",
        "2026-02-28T23:15, 2026-02-28T22:15:00Z",
        "2026-03-01T12:00:00Z, 2026-03-01T12:00:00Z",
        "2026-03-01T07:00:00-05:00, 2026-03-01T12:00:00Z"
    })
    void aTypedTimeIsThatOfTheZoneItNamesElseOfTheHouse(String typed, String instant) {
        assertThat(read(LIZARD, AIR, "temp_air", "21", "", typed)
                        .taken()
                        .takenAt()
                        .toInstant())
                .isEqualTo(Instant.parse(instant));
    }

    @ParameterizedTest
    @CsvSource({
        "yesterday, error.time.form",
        "2026-13-40T99:00, error.time.form",
        "2026-03-01T12:01:59Z, ''",
        "2026-03-01T12:02:01Z, error.time.future",
        "2030-01-01T00:00, error.time.future",
        "2016-03-05T12:00:00Z, ''",
        "2016-03-01T12:00:00Z, error.time.old"
    })
    void aTimeLiesInTheLastTenYears(String typed, String key) {
        Read read = read(LIZARD, AIR, "temp_air", "21", "", typed);
        if (key.isEmpty()) {
            read.taken();
        } else {
            read.refusedAt("at", key);
        }
    }

    @Test
    void aRepeatedSendKeepsItsMarkAndAWrongMarkGetsANewOne() {
        assertThat(air("21").taken().clientId()).isEqualTo(ID);
        FieldErrors errors = new FieldErrors();
        LogForm unmarked = new LogForm(AIR, "temp_air", "21", "", "", "'; drop table", null, null);
        String made = reader.read(unmarked, 7, LIZARD, errors).orElseThrow().clientId();
        assertThat(made).matches("[0-9a-f-]{36}").isNotEqualTo(ID);
    }

    @Test
    void everyPlaceOfEveryPlanOffersKindsAndEachIsReadBackAsStored() {
        for (Design design : List.of(LIZARD, FROG, EditingSupport.MILLIPEDE)) {
            for (Probe probe : design.probes()) {
                List<ReadingKind> kinds = words.of(probe);
                assertThat(kinds).as(probe.id()).isNotEmpty().doesNotHaveDuplicates();
                for (ReadingKind kind : kinds) {
                    Read read = read(design, probe.id(), kind.id(), "5", "", "");
                    assertThat(read.taken().kind()).isEqualTo(kind.id());
                    assertThat(read.taken().value()).as(kind.id()).isFinite();
                }
            }
            assertThat(words.ofWhole()).noneMatch(ReadingKind::needsPlace);
        }
    }
}
