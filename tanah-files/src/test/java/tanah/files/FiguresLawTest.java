package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.explain.Figure;
import tanah.core.explain.Figures;
import tanah.core.ground.LayerResult;
import tanah.files.catalogue.CatalogueReader;

/** What stands behind a number: every number that is named leads somewhere, no explanation runs in a circle, each says where it comes from. */
class FiguresLawTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final int DRAWN = 60;

    static Stream<Evaluation> plans() {
        List<Evaluation> all = new ArrayList<>();
        for (String name : List.of(
                "mossy-frog-paludarium",
                "collared-lizard-arid",
                "giant-millipede-box",
                "deep-arid-burrow",
                "sealed-divider",
                "shared-water-table")) {
            all.add(Evaluator.evaluate(Examples.read(name), CATALOGUE, Evaluator.Depth.STEADY));
        }
        DrawnPlans drawn = new DrawnPlans(CATALOGUE, 7);
        for (int i = 0; i < DRAWN; i++) {
            all.add(Evaluator.evaluate(drawn.next(), CATALOGUE));
        }
        all.add(Evaluator.evaluate(Design.named("empty"), CATALOGUE));
        return all.stream();
    }

    private static Map<String, Figure> byId(Evaluation e) {
        Map<String, Figure> all = new HashMap<>();
        for (Figure f : Figures.of(e, CATALOGUE)) {
            assertThat(all.put(f.id(), f)).as("twice: " + f.id()).isNull();
        }
        return all;
    }

    @ParameterizedTest
    @MethodSource("plans")
    void everyNumberThatIsNamedIsThere(Evaluation e) {
        Map<String, Figure> all = byId(e);
        for (Figure f : all.values()) {
            for (Figure.Input input : f.inputs()) {
                if (input instanceof Figure.Input.Computed c) {
                    assertThat(all).as(f.id() + " is made of").containsKey(c.figure());
                } else if (input instanceof Figure.Input.Listed l) {
                    assertThat(l.provenance()).as(f.id() + " by " + l.entry()).isNotBlank();
                    assertThat(l.value()).isFinite();
                } else if (input instanceof Figure.Input.Typed t) {
                    assertThat(t.path()).as(f.id()).isNotBlank();
                    assertThat(t.value()).isFinite();
                }
                assertThat(input.name()).isNotBlank();
            }
        }
    }

    @ParameterizedTest
    @MethodSource("plans")
    void noExplanationRunsInACircle(Evaluation e) {
        Map<String, Figure> all = byId(e);
        Set<String> done = new HashSet<>();
        all.keySet().forEach(id -> follow(id, all, new ArrayList<>(), done));
    }

    private static void follow(String id, Map<String, Figure> all, List<String> way, Set<String> done) {
        assertThat(way).as("circle").doesNotContain(id);
        if (!done.add(id) || !all.containsKey(id)) {
            return;
        }
        way.add(id);
        for (Figure.Input input : all.get(id).inputs()) {
            if (input instanceof Figure.Input.Computed c) {
                follow(c.figure(), all, way, done);
            }
        }
        way.remove(id);
    }

    @ParameterizedTest
    @MethodSource("plans")
    void aBandHoldsItsNumberAndARangeItsEnds(Evaluation e) {
        for (Figure f : Figures.of(e, CATALOGUE)) {
            f.upper().ifPresent(upper -> assertThat(upper).as(f.id()).isGreaterThanOrEqualTo(f.value()));
            f.band().ifPresent(band -> {
                assertThat(band.min()).as(f.id()).isLessThanOrEqualTo(f.value() + 1e-9);
                assertThat(band.max()).as(f.id()).isGreaterThanOrEqualTo(f.value() - 1e-9);
            });
            assertThat(f.formula()).as(f.id()).isNotBlank();
            assertThat(f.standing()).as(f.id()).isNotNull();
        }
    }

    // ---- one quantity, one number
    @Test
    void layersAreExplainedAsTheyAreComputed() {
        plans().forEach(e -> {
            Map<String, Figure> all = byId(e);
            e.ground().ifPresent(g -> {
                for (LayerResult r : g.layers()) {
                    Figure volume = all.get("layer." + r.id() + ".volume");
                    if (volume != null) {
                        assertThat(volume.value()).isEqualTo(r.shape().volume());
                    }
                    Figure mass = all.get("layer." + r.id() + ".mass");
                    if (mass != null) {
                        assertThat(mass.value()).isCloseTo(r.wetMass(), within(1e-9));
                    }
                }
            });
        });
    }

    @Test
    void aNumberIsFoundByItsNameAndNothingByAnother() {
        Evaluation e = Evaluator.evaluate(Examples.read("mossy-frog-paludarium"), CATALOGUE);
        for (Figure f : Figures.of(e, CATALOGUE)) {
            assertThat(Figures.find(e, f.id(), CATALOGUE)).contains(f);
        }
        assertThat(Figures.find(e, "no.such.number", CATALOGUE)).isEmpty();
        assertThat(Figures.of(Evaluator.evaluate(Design.named("empty"), CATALOGUE), CATALOGUE))
                .isEmpty();
    }
}
