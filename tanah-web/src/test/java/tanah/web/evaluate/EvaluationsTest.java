package tanah.web.evaluate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.HeatDay;
import tanah.core.design.Resident;
import tanah.core.evaluate.Evaluation;
import tanah.core.forecast.Forecast;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;
import tanah.web.catalogue.Catalogues;

/** Evaluations under several keepers: each gets its own, nobody gives up another's work. */
class EvaluationsTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final Design FROG = example("mossy-frog-paludarium");
    private static final Design MILLIPEDE = example("giant-millipede-box");

    private final Evaluations evaluations = new Evaluations(catalogues(), new BackgroundWork());

    private static Catalogues catalogues() {
        Catalogues all = mock(Catalogues.class);
        when(all.of(any(Design.class))).thenReturn(CATALOGUE);
        return all;
    }

    private static Design example(String name) {
        try {
            byte[] document = Files.readAllBytes(Path.of("..", "docs", "examples", name + ".json"));
            return ((Parsed.Accepted) new DesignReader(CATALOGUE).read(document)).design();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Design lit(Design d, double hours) {
        return d.withHeat(
                new HeatDay(java.util.OptionalDouble.of(hours), d.heat().dayStart()));
    }

    private static boolean isWhole(Evaluation e) {
        return e.forecast().map(Forecast::hasDays).orElse(false);
    }

    @Test
    void theSteadyAnswerComesFirstAndTheWholeOneStays() {
        Evaluation quick = evaluations.quick(FROG, 1);
        assertThat(quick.forecast()).isPresent();
        assertThat(isWhole(quick)).isFalse();
        Evaluation whole = evaluations.whole(FROG, 1);
        assertThat(isWhole(whole)).isTrue();
        assertThat(isWhole(evaluations.quick(FROG, 1))).isTrue();
        // a copy of the plan under another number has the same climate
        assertThat(model(evaluations.quick(FROG))).isSameAs(model(whole));
    }

    private static Object model(Evaluation e) {
        return e.forecast().orElseThrow().model();
    }

    /** What the climate does not depend on computes none. */
    @Test
    void aNewNameOrAnimalKeepsTheClimate() {
        Object model = model(evaluations.whole(FROG, 1));
        Evaluation named = evaluations.quick(FROG.withName("another name"), 1);
        assertThat(model(named)).isSameAs(model);
        assertThat(isWhole(named)).isTrue();
        assertThat(named.design().name()).isEqualTo("another name");
        Design newt = FROG.withAnimals(List.of(Resident.one("a9", "crotaphytus-collaris")));
        Evaluation other = evaluations.quick(newt, 1);
        assertThat(model(other)).isSameAs(model);
        assertThat(other.findings()).as("judged afresh").isNotEqualTo(named.findings());
        Evaluation lit = evaluations.quick(lit(FROG, 9), 1);
        assertThat(model(lit)).as("hours of light are another climate").isNotSameAs(model);
    }

    @Test
    void aSchoolLookedAtStopsNothing() throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(1);
        try {
            Future<Evaluation> plan = pool.submit(() -> evaluations.whole(lit(MILLIPEDE, 9), 3));
            Thread.sleep(30);
            evaluations.near(lit(MILLIPEDE, 10), 3);
            assertThat(isWhole(plan.get(60, TimeUnit.SECONDS))).isTrue();
        } finally {
            pool.shutdownNow();
        }
    }

    @Test
    void aPlanWithoutVesselIsAnsweredToo() {
        Evaluation e = evaluations.whole(Design.named("nothing yet"), 2);
        assertThat(e.forecast()).isEmpty();
    }

    @Test
    void aNewerEditStopsTheOlderWorkAndNobodyElses() throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(3);
        try {
            Design older = lit(FROG, 9);
            Future<Evaluation> mine = pool.submit(() -> evaluations.whole(older, 1));
            Future<Evaluation> theirs = pool.submit(() -> evaluations.whole(MILLIPEDE, 2));
            Thread.sleep(40);
            Evaluation newer = evaluations.quick(lit(FROG, 10), 1);
            assertThat(newer.forecast()).isPresent();
            Evaluation given = mine.get(60, TimeUnit.SECONDS);
            assertThat(given.design()).isEqualTo(older);
            assertThat(isWhole(theirs.get(60, TimeUnit.SECONDS))).isTrue();
        } finally {
            pool.shutdownNow();
        }
    }

    @Test
    void manyAtOnceGetTheirOwnPlans() throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(6);
        try {
            List<Callable<Evaluation>> asked = new ArrayList<>();
            for (int i = 0; i < 24; i++) {
                Design plan = lit(i % 2 == 0 ? FROG : MILLIPEDE, 8 + i % 6);
                long enclosure = 100 + i % 4;
                asked.add(i % 3 == 0 ? () -> evaluations.whole(plan) : () -> evaluations.quick(plan, enclosure));
            }
            List<Future<Evaluation>> answers = pool.invokeAll(asked, 120, TimeUnit.SECONDS);
            for (int i = 0; i < answers.size(); i++) {
                Design plan = lit(i % 2 == 0 ? FROG : MILLIPEDE, 8 + i % 6);
                assertThat(answers.get(i).get().design()).isEqualTo(plan);
                assertThat(answers.get(i).get().forecast()).isPresent();
            }
        } finally {
            pool.shutdownNow();
        }
    }

    /** An answer near another is that answer within the tolerance of the steady state, whatever it began from. */
    @Test
    void whatItBeginsFromDoesNotMatter() {
        Design plan = lit(FROG, 11);
        evaluations.quick(lit(FROG, 14), 7);
        Evaluation near = evaluations.quick(plan, 7);
        Evaluation afresh = new Evaluations(catalogues(), new BackgroundWork()).quick(plan, 8);
        double a = near.forecast()
                .orElseThrow()
                .at(tanah.core.time.SeasonPhase.WINTER_DAY)
                .places()
                .meanAir();
        double b = afresh.forecast()
                .orElseThrow()
                .at(tanah.core.time.SeasonPhase.WINTER_DAY)
                .places()
                .meanAir();
        assertThat(a).isCloseTo(b, org.assertj.core.api.Assertions.within(0.02));
    }
}
