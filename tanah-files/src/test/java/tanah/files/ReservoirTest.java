package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.edit.EditContext;
import tanah.core.design.edit.GroundEdit;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.ground.Reservoir;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;

/** Room for surplus water in whole designs. */
class ReservoirTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();

    private static Design example(String name) throws IOException {
        byte[] document = Files.readAllBytes(Path.of("..", "docs", "examples", name + ".json"));
        return ((Parsed.Accepted) new DesignReader(CATALOGUE).read(document)).design();
    }

    private static Optional<Reservoir> reservoir(Design design) {
        Evaluation e = Evaluator.evaluate(design, CATALOGUE);
        return e.ground().flatMap(g -> Reservoir.of(design, g));
    }

    /** Clay balls 8 to 16 mm: 1 cm of rise and 1 cm of gap are kept free; 0.42 of the rest drains. */
    @Test
    void aDrainageKeepsRoomUnderTheSoil() throws IOException {
        Reservoir r = reservoir(example("mossy-frog-paludarium")).orElseThrow();
        assertThat(r.drained()).isTrue();
        double area = (0.888 - 0.51) * 0.438;
        assertThat(r.area()).isCloseTo(area, within(1e-6));
        assertThat(r.store()).isCloseTo(area * (0.14 - 0.02) * r.share(), within(1e-6));
        assertThat(r.share()).isBetween(0.35, 0.45);
    }

    @Test
    void withoutDrainageTheSoilItselfIsTheRoom() throws IOException {
        Design lizard = example("collared-lizard-arid");
        Reservoir r = reservoir(lizard).orElseThrow();
        assertThat(r.drained()).isFalse();
        assertThat(r.layer())
                .isEqualTo(lizard.ground().layers().stream()
                        .filter(l -> l.is(Layer.Kind.SUBSTRATE))
                        .findFirst()
                        .orElseThrow()
                        .id());
        assertThat(r.store()).isPositive();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.03, 0.05, 0.08, 0.12, 0.2})
    void aDeeperDrainageTakesMoreAndLastsLonger(double depth) throws IOException {
        Design frog = example("mossy-frog-paludarium");
        Design deep = new GroundEdit.SetDepth("drainage", depth)
                .apply(frog, new EditContext(CATALOGUE, java.time.LocalDate.of(2026, 1, 5)));
        Design deeper = new GroundEdit.SetDepth("drainage", depth + 0.01)
                .apply(frog, new EditContext(CATALOGUE, java.time.LocalDate.of(2026, 1, 5)));
        Reservoir a = reservoir(deep).orElseThrow();
        Reservoir b = reservoir(deeper).orElseThrow();
        assertThat(b.store()).isGreaterThan(a.store());
        assertThat(b.days(0.1e-3).orElseThrow()).isGreaterThan(a.days(0.1e-3).orElseThrow());
    }
}
