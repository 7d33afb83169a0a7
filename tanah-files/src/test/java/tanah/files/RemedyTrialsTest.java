package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.edit.Edit;
import tanah.core.design.edit.EditContext;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.evaluate.RemedyTrials;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.Severity;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;

/** A remedy heals: what is offered was tried, and what would bring something worse says so. */
class RemedyTrialsTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final EditContext CONTEXT = new EditContext(CATALOGUE, LocalDate.of(2026, 1, 5));

    private static Design example(String name) {
        try {
            byte[] document = Files.readAllBytes(Path.of("..", "docs", "examples", name + ".json"));
            return ((Parsed.Accepted) new DesignReader(CATALOGUE).read(document)).design();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Design level(Design d, double metres) {
        return d.withWater(d.water().map(w -> w.withLevel(metres)));
    }

    /** Everything that is offered is pressed, and leaves nothing worse than it took away. */
    @ParameterizedTest
    @CsvSource({
        "mossy-frog-paludarium, 0.04",
        "mossy-frog-paludarium, 0.12",
        "mossy-frog-paludarium, 0.20",
        "shared-water-table, 0.03",
        "shared-water-table, 0.06",
        "shared-water-table, 0.14",
        "sealed-divider, 0.02",
        "sealed-divider, 0.10",
        "sealed-divider, 0.25"
    })
    void whatIsOfferedHeals(String example, double level) {
        Design plan = level(example(example), level);
        Evaluation e = RemedyTrials.withoutClimate(Evaluator.evaluate(plan, CATALOGUE), CATALOGUE);
        for (Finding f : e.findings()) {
            for (Remedy r : f.remedies()) {
                assertThat(r.changesPlan())
                        .as(f.rule() + " " + r.key())
                        .isEqualTo(r.trial().isPresent());
                if (r.changesPlan() && r.heals()) {
                    List<Finding> after = Evaluator.evaluate(Edit.take(r, plan, CONTEXT), CATALOGUE)
                            .findings();
                    assertThat(after)
                            .as(f.rule() + " " + r.key())
                            .filteredOn(n -> n.severity().compareTo(f.severity()) < 0)
                            .allMatch(n -> e.findings().stream()
                                    .anyMatch(b ->
                                            b.isOfTheSame(n) && b.severity().compareTo(n.severity()) <= 0));
                }
            }
        }
    }

    /** Somewhere among flooded plans a remedy does harm; it is told what it would bring. */
    @Test
    void whatWouldBringSomethingWorseSaysSo() {
        List<Remedy> harmful = java.util.stream.DoubleStream.iterate(0.01, l -> l < 0.4, l -> l + 0.01)
                .boxed()
                .flatMap(l -> List.of("mossy-frog-paludarium", "shared-water-table", "sealed-divider").stream()
                        .map(x -> level(example(x), l)))
                .flatMap(d ->
                        RemedyTrials.withoutClimate(Evaluator.evaluate(d, CATALOGUE), CATALOGUE).findings().stream())
                .flatMap(f -> f.remedies().stream())
                .filter(r -> r.changesPlan() && !r.heals())
                .toList();
        assertThat(harmful).isNotEmpty();
        assertThat(harmful).allSatisfy(r -> {
            Finding brought = r.trial().orElseThrow().brings().orElseThrow();
            assertThat(brought.severity()).isIn(Severity.STOP, Severity.CAUTION);
        });
    }

    /** With the climate every remedy is tried, those of lamps too; what was given up stays untried. */
    @Test
    void remediesOfTheClimateAreTriedWithTheClimate() {
        Design lizard = example("collared-lizard-arid");
        Design bare = lizard.withDevices(lizard.devices().stream()
                .map(d -> d.withGuard(java.util.Optional.empty()).withoutThermostat())
                .map(d -> d.withPower(OptionalDouble.empty()))
                .toList());
        Evaluation steady = Evaluator.evaluate(bare, CATALOGUE, Evaluator.Depth.STEADY);
        assertThat(changes(RemedyTrials.withoutClimate(steady, CATALOGUE)))
                .as("not tried yet")
                .anyMatch(r -> r.trial().isEmpty());
        assertThat(RemedyTrials.whole(steady, CATALOGUE, () -> true)).isSameAs(steady);
        List<Remedy> tried = changes(RemedyTrials.whole(steady, CATALOGUE, () -> false));
        assertThat(tried).isNotEmpty().allMatch(r -> r.trial().isPresent());
    }

    private static List<Remedy> changes(Evaluation e) {
        return e.findings().stream()
                .flatMap(f -> f.remedies().stream())
                .filter(Remedy::changesPlan)
                .toList();
    }
}
