package tanah.web.transfer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.io.OutputStream;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.design.Design;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.DesignWriter;
import tanah.web.enclosure.EnclosureHistory;
import tanah.web.enclosure.EnclosureService;
import tanah.web.log.Event;
import tanah.web.log.EventService;
import tanah.web.log.Photos;
import tanah.web.log.Reading;
import tanah.web.log.ReadingService;
import tanah.web.log.ReadingsCsv;
import tanah.web.shell.Words;

/** One enclosure out of an archive: every save, reading and event, or a reason why not. */
class ArchivedEnclosureTest {
    private static final DesignReader READER = new DesignReader(CatalogueReader.read());
    private static final String AT = "2026-10-01T08:00:00Z";

    @TempDir
    private Path folder;

    private final EnclosureService enclosures = mock(EnclosureService.class);
    private final EnclosureHistory history = mock(EnclosureHistory.class);
    private final ReadingService readings = mock(ReadingService.class);
    private final ReadingsCsv csv = mock(ReadingsCsv.class);
    private final EventService events = mock(EventService.class);
    private final Photos photos = mock(Photos.class);
    private final Words words = mock(
            Words.class, call -> call.getMethod().getReturnType() == String.class ? "" + call.getArgument(0) : null);
    private final ArchivedEnclosure reader = new ArchivedEnclosure(
            enclosures,
            history,
            readings,
            csv,
            events,
            photos,
            new ArchiveTables(words),
            READER,
            words,
            Clock.systemUTC());
    private final List<EnclosureHistory.Old> saves = new ArrayList<>();
    private final Map<String, String> files = new TreeMap<>();

    @BeforeEach
    void world() throws Photos.Refused, IOException {
        when(history.restoreHistory(anyLong(), any(), anyString())).thenAnswer(call -> {
            Iterator<EnclosureHistory.Old> all = call.getArgument(1);
            all.forEachRemaining(saves::add);
            return 5L;
        });
        when(csv.restore(any(), anyLong(), any())).thenReturn("");
        when(photos.make(any())).thenReturn(new Photos.Made(new byte[1], new byte[1], 1, 1));
        plan("design.json", "C");
    }

    private void plan(String file, String name) {
        files.put("e/" + file, DesignWriter.writeCompact(Design.named(name)));
    }

    private long read() throws IOException {
        Path file = folder.resolve("a.zip");
        try (OutputStream out = Files.newOutputStream(file);
                ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            for (Map.Entry<String, String> e : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(e.getKey()));
                zip.write(e.getValue().getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
            }
        }
        try (Archive archive = Archive.open(file)) {
            return reader.read(1, "e/", archive);
        }
    }

    private Refused refused() {
        return catchThrowableOfType(Refused.class, this::read);
    }

    // ---- plans

    @Test
    void savesComeInTheOrderOfTheirNumbersWithTheirWords() throws IOException {
        plan("revisions/000002.json", "B");
        plan("revisions/000010.json", "C");
        plan("revisions/000001.json", "A");
        files.put("e/revisions.csv", "revision,saved_at,author,summary\n1," + AT + ",x,begun\n10," + AT + ",x,named\n");
        assertThat(read()).isEqualTo(5);
        assertThat(saves).extracting(s -> s.design().name()).containsExactly("A", "B", "C");
        assertThat(saves).extracting(EnclosureHistory.Old::summary).containsExactly("begun", "edit.imported", "named");
        assertThat(saves.get(0).savedAt()).isEqualTo(OffsetDateTime.parse(AT));
        assertThat(saves.get(1).savedAt()).isNull();
    }

    @Test
    void aNewestPlanThatIsNoSaveIsOneMore() throws IOException {
        plan("revisions/000001.json", "A");
        read();
        assertThat(saves).extracting(s -> s.design().name()).containsExactly("A", "C");
        saves.clear();
        files.remove("e/revisions/000001.json");
        read();
        assertThat(saves).extracting(s -> s.design().name()).containsExactly("C");
    }

    @ParameterizedTest
    @CsvSource({"kept, kept", "planning, planning", "owner, planning"})
    void thePhaseIsOneThatIsKnown(String written, String taken) throws IOException {
        files.put("e/enclosure.json", "{\"phase\":\"" + written + "\",\"archived\":true}");
        read();
        verify(history).restoreHistory(eq(1L), any(), eq(taken));
        verify(enclosures).archive(1, 5, true);
    }

    @Test
    void aBrokenNoteAboutItIsNoReasonToLoseIt() throws IOException {
        files.put("e/enclosure.json", "{not json");
        assertThat(read()).isEqualTo(5);
        verify(enclosures, never()).archive(anyLong(), anyLong(), any(Boolean.class));
    }

    @Test
    void aPlanThatIsRefusedSaysWhichAndWhere() {
        files.put("e/revisions/000001.json", "{\"format\":\"something\"}");
        Refused e = refused();
        assertThat(e.problems()).isNotEmpty();
        assertThat(e.problems().get(0).pointer()).startsWith("e/revisions/000001.json ");
    }

    @Test
    void aListOfSavesWithoutTimesIsRefusedByItsRow() {
        files.put("e/revisions.csv", "revision,saved_at,author,summary\n1,yesterday,x,begun\n");
        assertThat(refused().problems().get(0).pointer()).isEqualTo("e/revisions.csv 1");
    }

    @ParameterizedTest
    @CsvSource({"+999999999-01-01T00:00:00Z", "1989-12-31T00:00:00Z", "2099-01-01T00:00:00Z"})
    void aSaveOfNoTimeThatCanBeStoredIsRefused(String time) {
        files.put("e/revisions.csv", "revision,saved_at,author,summary\n1," + time + ",x,begun\n");
        Refused e = refused();
        assertThat(e.problems().get(0).pointer()).isEqualTo("e/revisions.csv 1");
        assertThat(e.problems().get(0).what()).isEqualTo("csv.time");
    }

    @Test
    void aSaveWithoutWordsAndOfAnyOffsetIsTaken() throws IOException {
        plan("revisions/000001.json", "A");
        files.put("e/revisions.csv", "revision,saved_at,author,summary\n1,2026-10-01T08:00:00+18:00,x, \n");
        read();
        assertThat(saves.get(0).summary()).isEqualTo("edit.imported");
        assertThat(saves.get(0).savedAt()).isEqualTo(OffsetDateTime.parse("2026-09-30T14:00:00Z"));
    }

    @Test
    void textThatNoDatabaseHoldsIsRefused() {
        files.put("e/events.csv", HEAD + AT + ",fed,,no\0te,x,\n");
        assertThat(refused().problems().get(0).what()).isEqualTo("error.text.control");
        files.remove("e/events.csv");
        files.put("e/revisions.csv", "revision,saved_at,author,summary\n1," + AT + ",x,be\0gun\n");
        assertThat(refused().problems().get(0).what()).isEqualTo("error.text.control");
    }

    @ParameterizedTest
    @CsvSource({"99999999999", "one", "-1", "1.5"})
    void aSaveWithoutANumberIsNotLeftOutInSilence(String name) {
        plan("revisions/" + name + ".json", "A");
        Refused e = refused();
        assertThat(e.problems().get(0).pointer()).isEqualTo("e/revisions/" + name + ".json");
        assertThat(e.problems().get(0).what()).isEqualTo("archive.revision");
    }

    // ---- readings

    private void rows(int good, String problem) {
        when(csv.restore(any(Reader.class), eq(5L), any())).thenAnswer(call -> {
            Consumer<ReadingsCsv.Row> taker = call.getArgument(2);
            for (int i = 0; i < good; i++) {
                Reading.New r = new Reading.New(5, "warm", "temp_air", i, OffsetDateTime.parse(AT), "id-" + i);
                taker.accept(new ReadingsCsv.Row(i + 2, AT, "warm", "", "", List.of(r)));
            }
            if (!problem.isEmpty()) {
                taker.accept(new ReadingsCsv.Row(good + 2, AT, "warm", "", problem, List.of()));
            }
            return "";
        });
        files.put("e/readings.csv", "time,place,temp_air_c\n");
    }

    @ParameterizedTest
    @CsvSource({"0", "1", "4999", "5000", "5001", "12000"})
    void everyReadingIsStoredOnceHoweverManyThereAre(int count) throws IOException {
        List<Reading.New> stored = new ArrayList<>();
        List<Integer> batches = new ArrayList<>();
        org.mockito.Mockito.doAnswer(call -> {
                    List<Reading.New> batch = call.getArgument(1);
                    batches.add(batch.size());
                    stored.addAll(batch);
                    return null;
                })
                .when(readings)
                .addAll(eq(1L), any());
        rows(count, "");
        read();
        assertThat(stored).hasSize(count);
        assertThat(stored).extracting(Reading.New::clientId).doesNotHaveDuplicates();
        assertThat(batches).allMatch(n -> n <= 5000);
    }

    @Test
    void oneBadReadingRefusesAllAndNamesItsRow() {
        rows(3, "csv.range");
        Refused e = refused();
        assertThat(e.problems()).hasSize(1);
        assertThat(e.problems().get(0).pointer()).isEqualTo("e/readings.csv 5");
        assertThat(e.problems().get(0).what()).isEqualTo("csv.range");
        verify(readings, never()).addAll(anyLong(), any());
    }

    @Test
    void aTableThatBreaksOffIsRefused() {
        rows(3, "");
        when(csv.restore(any(), anyLong(), any())).thenReturn("csv.broken");
        assertThat(refused().problems().get(0).what()).isEqualTo("csv.broken");
    }

    // ---- events

    private static final String HEAD = "time,kind,mass_g,note,author,photos\n";

    @Test
    void anEventComesWithItsPhotos() throws IOException {
        files.put("e/events.csv", HEAD + AT + ",fed,12.5,two crickets,x,7.jpg 8.jpg\n");
        files.put("e/photos/7.jpg", "a");
        files.put("e/photos/8.jpg", "b");
        List<Event.New> taken = new ArrayList<>();
        List<Integer> pictures = new ArrayList<>();
        when(events.add(eq(1L), eq(5L), any(), any())).thenAnswer(call -> {
            taken.add(call.getArgument(2));
            pictures.add(call.<List<Photos.Made>>getArgument(3).size());
            return java.util.Optional.of(1L);
        });
        read();
        assertThat(taken).hasSize(1);
        assertThat(taken.get(0).note()).isEqualTo("two crickets");
        assertThat(taken.get(0).massG()).isEqualByComparingTo("12.5");
        assertThat(pictures).containsExactly(2);
    }

    @Test
    void aPhotoThatIsNotThereIsNotLeftOutInSilence() {
        files.put("e/events.csv", HEAD + AT + ",fed,,note,x,7.jpg\n");
        assertThat(refused().problems().get(0).what()).isEqualTo("archive.photo");
    }

    @ParameterizedTest
    @CsvSource({
        "2026-10-01T08:00:00Z, danced, '', archive.event",
        "yesterday, fed, '', csv.time",
        "+999999999-01-01T00:00:00Z, fed, '', csv.time",
        "2099-01-01T00:00:00Z, fed, '', csv.time",
        "2026-10-01T08:00:00Z, fed, heavy, archive.mass",
        "2026-10-01T08:00:00Z, fed, 1e999999, archive.mass",
        "2026-10-01T08:00:00Z, fed, 0, archive.mass",
        "2026-10-01T08:00:00Z, fed, 60000.1, archive.mass",
        "2026-10-01T08:00:00Z, fed, -5, archive.mass",
    })
    void anEventThatIsNotUnderstoodIsRefused(String time, String kind, String mass, String why) {
        files.put("e/events.csv", HEAD + time + "," + kind + "," + mass + ",note,x,\n");
        Refused e = refused();
        assertThat(e.problems().get(0).pointer()).isEqualTo("e/events.csv 1");
        assertThat(e.problems().get(0).what()).isEqualTo(why);
    }

    @Test
    void tooManyPhotosOfOneEventAreRefused() {
        StringBuilder names = new StringBuilder();
        for (int i = 0; i <= 40; i++) {
            files.put("e/photos/" + i + ".jpg", "x");
            names.append(i).append(".jpg ");
        }
        files.put("e/events.csv", HEAD + AT + ",fed,,note,x," + names.toString().strip() + "\n");
        assertThat(refused().problems().get(0).what()).isEqualTo("archive.photos");
    }
}
