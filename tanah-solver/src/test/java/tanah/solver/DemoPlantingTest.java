package tanah.solver;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.evaluate.Evaluator.Depth;
import tanah.core.finding.Severity;
import tanah.core.plantplan.LetIn;
import tanah.core.plantplan.PlanCheck;
import tanah.core.plantplan.PlanProblem;
import tanah.core.plantplan.PlanReport;
import tanah.core.plantplan.PlanSolver;
import tanah.core.plantplan.PlanWish;
import tanah.core.plantplan.PlantChoice;
import tanah.core.plantplan.PlantingFound;
import tanah.core.plantplan.PlantingSearch;
import tanah.core.plantplan.PlantingWay;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;

/** Plantings of the demo plans: solved, held against the whole climate, explained. */
class DemoPlantingTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final Duration LONG = Duration.ofSeconds(60);
    private static Design frogs;
    private static PlantingSearch frogSearch;
    private static PlantingFound frogsFound;

    private static Design example(String name) throws IOException {
        byte[] document = Files.readAllBytes(Path.of("../docs/examples/" + name + ".json"));
        return ((Parsed.Accepted) new DesignReader(CATALOGUE).read(document)).design();
    }

    private static PlantingSearch search(Design design) {
        return PlantingSearch.of(design, CATALOGUE, new CpSatSolver()).orElseThrow();
    }

    private static PlantingFound run(PlantingSearch search, PlanWish wish) {
        return search.run(PlantingWay.ROOM, wish, LONG, PlanSolver.Watch.NOBODY);
    }

    @BeforeAll
    static void solved() throws IOException {
        frogs = example("mossy-frog-paludarium");
        frogSearch = search(frogs);
        frogsFound = run(frogSearch, PlanWish.of(frogs));
    }

    @Test
    void thePlantingOfTheFrogsIsTheBestThereIsAndBringsNoStop() {
        assertThat(frogsFound.end()).isEqualTo(PlanSolver.End.BEST);
        assertThat(frogsFound.brings()).isEmpty();
        Design filled = frogsFound.design().orElseThrow();
        assertThat(filled.plants()).containsAll(frogs.plants());
        Evaluation before = Evaluator.evaluate(frogs, CATALOGUE, Depth.WHOLE);
        Evaluation after = Evaluator.evaluate(filled, CATALOGUE, Depth.WHOLE);
        assertThat(after.findings().stream()
                        .filter(f -> f.severity() == Severity.STOP)
                        .count())
                .isLessThanOrEqualTo(before.findings().stream()
                        .filter(f -> f.severity() == Severity.STOP)
                        .count());
    }

    @Test
    void everyPieceIsExplained() {
        PlanReport report = frogsFound.report().orElseThrow();
        assertThat(report.pieces()).isNotEmpty().allSatisfy(p -> {
            assertThat(p.why()).isNotEmpty();
            assertThat(p.score()).isGreaterThanOrEqualTo(0.5);
            assertThat(p.height()).isPositive();
        });
        assertThat(report.pieces().size())
                .isEqualTo(frogsFound.design().orElseThrow().plants().size()
                        - frogs.plants().size());
        assertThat(report.unused()).allSatisfy(u -> assertThat(u.places()).isPositive());
        // what the solver counts and what the notes say is one cover, but for circles that overlap a little
        assertThat(report.value().startCover()).isBetween(0.4, 0.6);
        assertThat(frogsFound.cover().get(0))
                .isCloseTo(report.value().startCover(), org.assertj.core.api.Assertions.within(0.03));
    }

    @Test
    void aKindThatIsRefusedIsLetInByTheChangeThatIsTold() {
        List<LetIn.Change> told = frogsFound.task().refused().stream()
                .flatMap(r -> LetIn.of(r.kind().needs(), r.place()).stream())
                .toList();
        assertThat(told).hasSizeGreaterThan(5).allSatisfy(c -> {
            assertThat(c.score()).isGreaterThanOrEqualTo(0.5);
            assertThat(c.to()).isNotEqualTo(c.from());
        });
        assertThat(frogsFound.task().refused())
                .allSatisfy(r -> assertThat(r.bars()).isNotEmpty());
    }

    @Test
    void aKeeperChoosesTheKindsForbidsOneAndSetsTheBudget() {
        PlanWish wish = PlanWish.of(frogs)
                .withKeep(Set.of())
                .withOnly(Set.of("vesicularia-montagnei", "riccardia-chamedryfolia", "acorus-gramineus"))
                .withWithout(Set.of("riccardia-chamedryfolia"))
                .withCover(new tanah.core.catalogue.Range(0.05, 0.6))
                .withBudget(OptionalDouble.of(60));
        PlantingFound found = run(frogSearch, wish);
        PlanReport report = found.report().orElseThrow();
        assertThat(report.pieces())
                .extracting(p -> p.kind().id())
                .containsOnly("vesicularia-montagnei", "acorus-gramineus");
        assertThat(report.value().price()).isLessThanOrEqualTo(60);
    }

    @Test
    void aBudgetOfNothingIsSaidToStandInTheWay() {
        PlanWish wish = PlanWish.of(frogs).withKeep(Set.of()).withBudget(OptionalDouble.of(0));
        PlantingFound found = run(frogSearch, wish);
        assertThat(found.end()).isEqualTo(PlanSolver.End.NONE);
        assertThat(found.without()).contains(PlantingFound.GiveUp.BUDGET);
        assertThat(found.design()).isEmpty();
    }

    @Test
    void inTheDarkNothingLivesAndThatIsSaid() throws IOException {
        Design box = example("giant-millipede-box");
        PlantingFound found = run(search(box), PlanWish.of(box));
        assertThat(found.end()).isEqualTo(PlanSolver.End.NONE);
        assertThat(found.without()).containsExactly(PlantingFound.GiveUp.KINDS);
        assertThat(found.task().refused())
                .hasSize((int) CATALOGUE.allPlants().stream().count());
    }

    @Test
    void nothingStandsOnTheBaskingPlaceOrBeforeADoor() throws IOException {
        Design lizard = example("collared-lizard-arid");
        PlantingFound found = run(search(lizard), PlanWish.of(lizard));
        PlanReport report = found.report().orElseThrow();
        var basking = lizard.hardscape().stream().filter(h -> h.isBasking()).toList();
        assertThat(basking).isNotEmpty();
        assertThat(report.pieces())
                .isNotEmpty()
                .allSatisfy(p -> assertThat(basking)
                        .allSatisfy(h -> assertThat(new tanah.core.geometry.ConvexPolygon(h.outline())
                                        .distance(p.station().x(), p.station().y()))
                                .isGreaterThanOrEqualTo(0.05)));
    }

    @Test
    void whatIsKeptStaysAndNothingSmothersIt() {
        PlanProblem problem = frogsFound.task().problem();
        assertThat(problem.fixed()).hasSize(frogs.plants().size());
        Map<Integer, Integer> kept = problem.fixed();
        PlantChoice none = new PlantChoice(kept);
        assertThat(PlanCheck.holds(
                        problem.withCover(new tanah.core.catalogue.Range(0, 2)).withHides(List.of()), none))
                .isTrue();
    }
}
