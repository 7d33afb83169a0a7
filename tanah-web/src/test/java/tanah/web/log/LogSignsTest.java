package tanah.web.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.finding.Finding;
import tanah.core.finding.Severity;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;
import tanah.web.evaluate.LivedIn;

/** An animal is in when the plan says that it lives there or the log that it moved in; then water that is not proven is a stop. */
class LogSignsTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final OffsetDateTime BEGAN = OffsetDateTime.parse("2026-03-01T12:00:00Z");

    private final ReadingService readings = mock(ReadingService.class);
    private final EventService events = mock(EventService.class);
    private final LogSigns signs = new LogSigns(readings, events);
    private final List<Event> logged = new ArrayList<>();
    private final List<Reading> tests = new ArrayList<>();

    @BeforeEach
    void anEmptyLog() {
        when(events.ofKinds(anyLong(), anyLong(), any())).thenReturn(logged);
        when(readings.ofKinds(anyLong(), anyLong(), any())).thenReturn(tests);
    }

    private static Evaluation frogs() throws IOException {
        return evaluated("mossy-frog-paludarium");
    }

    private static Evaluation evaluated(String name) throws IOException {
        byte[] document = Files.readAllBytes(Path.of("../docs/examples/" + name + ".json"));
        Design design = ((Parsed.Accepted) new DesignReader(CATALOGUE).read(document)).design();
        return Evaluator.evaluate(design, CATALOGUE);
    }

    private void logs(String kind, int day) {
        logged.add(new Event(logged.size(), kind, "", null, BEGAN.plusDays(day), "keeper", 0));
    }

    /** Ammonium and nitrite an hour after a dose (mg/l). */
    private void tested(int day, double value) {
        logs("dosed", day);
        tests.add(new Reading(
                tests.size(), "water", "nh34", value, BEGAN.plusDays(day).plusHours(1), 0));
        tests.add(new Reading(
                tests.size(), "water", "no2", value, BEGAN.plusDays(day).plusHours(1), 0));
    }

    @Test
    void aPlanThatSaysTheAnimalLivesThereAsksForTheProof() throws IOException {
        assertThat(signs.stops(1, 1, "planning", frogs())).isEmpty();
        assertThat(signs.stops(1, 1, "kept", frogs()))
                .extracting(Finding::severity)
                .containsExactly(Severity.STOP);
    }

    @Test
    void theLogAloneSaysItToo() throws IOException {
        logs("moved_in", 3);
        assertThat(signs.stops(1, 1, "planning", frogs())).hasSize(1);
    }

    @Test
    void threeCleanTestsInARowProveIt() throws IOException {
        tested(1, 0.1);
        tested(2, 0.1);
        assertThat(signs.stops(1, 1, "kept", frogs())).hasSize(1);
        tested(3, 0.11);
        assertThat(signs.stops(1, 1, "kept", frogs())).hasSize(1);
        tested(4, 0.1);
        tested(5, 0.05);
        assertThat(signs.stops(1, 1, "kept", frogs())).hasSize(1);
        tested(6, 0);
        assertThat(signs.stops(1, 1, "kept", frogs())).isEmpty();
    }

    @Test
    void withoutWaterNothingIsAsked() throws IOException {
        assertThat(signs.stops(1, 1, "kept", evaluated("collared-lizard-arid"))).isEmpty();
    }

    @Test
    void theStopStandsFirstAmongTheNotesOfThePlan() throws IOException {
        LivedIn livedIn = new LivedIn(signs);
        Evaluation plan = frogs();
        assertThat(livedIn.of(plan, 1, 1, "planning")).isSameAs(plan);
        Evaluation lived = livedIn.of(plan, 1, 1, "kept");
        assertThat(lived.findings()).hasSize(plan.findings().size() + 1);
        assertThat(lived.findings().get(0).rule().value()).isEqualTo("GW-090");
        assertThat(lived.count(Severity.STOP)).isEqualTo(plan.count(Severity.STOP) + 1);
    }
}
