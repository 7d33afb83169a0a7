package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Mix;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.NewLayer;
import tanah.core.design.Recipe;
import tanah.core.design.Resident;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.school.School;
import tanah.core.school.Schools;
import tanah.core.water.WaterProposal;
import tanah.files.catalogue.CatalogueReader;

/** Every way of every school, on every mix of the catalogue: it does what it says, and going there twice is once. */
class SchoolsTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

    static Stream<Arguments> everyMixWithAndWithoutDrainage() {
        return CATALOGUE.allMixes().stream()
                .flatMap(m -> Stream.of(true, false).map(drained -> Arguments.of(m.id(), drained)));
    }

    @ParameterizedTest(name = "{0}, drainage {1}")
    @MethodSource("everyMixWithAndWithoutDrainage")
    void everyWayLeadsWhereItSays(String mix, boolean drained) {
        Design design = design(mix, drained);
        for (School school : Schools.of(design, CATALOGUE)) {
            for (String option : school.options()) {
                Design there = Schools.apply(design, school.id(), option, CATALOGUE, TODAY);
                Design unnamed = there.withSchools(List.of());
                assertThat(Schools.current(unnamed, school, CATALOGUE))
                        .as(school.id() + " " + option + " read off the layers")
                        .isEqualTo(option);
                assertThat(Schools.apply(there, school.id(), option, CATALOGUE, TODAY))
                        .as("twice is once")
                        .isEqualTo(there);
                Evaluation e = Evaluator.evaluate(there, CATALOGUE);
                assertThat(e.mass().orElseThrow().total()).isFinite().isPositive();
                assertThat(there.school(school.id())).contains(option);
            }
        }
    }

    @ParameterizedTest(name = "{0}, drainage {1}")
    @MethodSource("everyMixWithAndWithoutDrainage")
    void mixingCharcoalInKeepsTheProportionsOfTheRest(String mix, boolean drained) {
        Design bare = Schools.apply(design(mix, drained), "charcoal", "none", CATALOGUE, TODAY);
        Map<String, Double> before = parts(bare);
        if (before.size() < 2) {
            return;
        }
        Map<String, Double> after = parts(Schools.apply(bare, "charcoal", "mixed", CATALOGUE, TODAY));
        assertThat(after.get("charcoal_hort") / sum(after)).isBetween(0.05, 0.15);
        Map<String, Double> rest = new LinkedHashMap<>(after);
        rest.remove("charcoal_hort");
        before.forEach((id, p) -> assertThat(rest.get(id) / sum(rest))
                .as(id)
                .isCloseTo(p / sum(before), org.assertj.core.data.Offset.offset(0.002)));
    }

    static Stream<String> wetAnimals() {
        return CATALOGUE.allSpecies().stream()
                .filter(a -> a.optional("water_depth_max_cm").orElse(0) > 0)
                .map(a -> a.id());
    }

    /** Whatever the animal: every way of the water schools leads where it says and brings no stop that was not there. */
    @ParameterizedTest
    @MethodSource("wetAnimals")
    void everyWayOfTheWaterLeadsWhereItSays(String species) {
        Design dry = design("tropical_airy_peat_free", false).withAnimals(List.of(Resident.one("a", species)));
        Evaluation before = Evaluator.evaluate(dry, CATALOGUE);
        Design wet = WaterProposal.propose(
                dry,
                before.vessel().orElseThrow(),
                before.ground().orElseThrow(),
                before.animals().stream().findFirst());
        Set<String> stops = stops(wet);
        for (School school : Schools.of(wet, CATALOGUE)) {
            if (school.stage() != Stage.WATER) {
                continue;
            }
            for (String option : school.options()) {
                Design there = Schools.apply(wet, school.id(), option, CATALOGUE, TODAY);
                assertThat(there.school(school.id())).contains(option);
                assertThat(Schools.apply(there, school.id(), option, CATALOGUE, TODAY))
                        .as(school.id() + " " + option + ": twice is once")
                        .isEqualTo(there);
                // no inlet is covered in a bowl of a finger's depth: there the stop is right
                if (school.equals(Schools.FILTER) && depth(wet) >= 0.025) {
                    assertThat(stops(there)).as(option).isSubsetOf(stops);
                }
                if (!school.equals(Schools.RUNNING_IN)) {
                    assertThat(Schools.current(there.withSchools(List.of()), school, CATALOGUE))
                            .as(school.id() + " " + option + " read off the plan")
                            .isEqualTo(option);
                }
            }
        }
    }

    private static double depth(Design design) {
        return Evaluator.evaluate(design, CATALOGUE)
                .water()
                .orElseThrow()
                .water()
                .depthMax();
    }

    private static Set<String> stops(Design design) {
        return Evaluator.evaluate(design, CATALOGUE).findings().stream()
                .filter(f -> f.severity() == Severity.STOP)
                .map(f -> f.rule().toString())
                .collect(Collectors.toSet());
    }

    private static Design design(String mix, boolean drained) {
        Design design = Design.named("x")
                .withVessel(Boxes.fromCatalogue(
                        CATALOGUE.findVessel("palud-glass-90x45x60").orElseThrow(), java.util.Optional.empty()));
        Layer soil = NewLayer.of(design, Layer.Kind.SUBSTRATE, mix, 0.08);
        design = design.withGround(design.ground().insert(0, soil));
        return drained
                ? design.withGround(design.ground().insert(0, NewLayer.drainage(design, "expanded_clay_8_16", 0.05)))
                : design;
    }

    private static Map<String, Double> parts(Design design) {
        Layer soil = design.ground().layers().stream()
                .filter(l -> l.is(Layer.Kind.SUBSTRATE))
                .reduce((a, b) -> b)
                .orElseThrow();
        Recipe recipe = soil.media().orElseThrow();
        return recipe instanceof Recipe.Own own
                ? own.parts()
                : CATALOGUE
                        .findMix(((Recipe.Named) recipe).id())
                        .map(Mix::parts)
                        .orElse(Map.of());
    }

    private static double sum(Map<String, Double> parts) {
        return parts.values().stream().mapToDouble(Double::doubleValue).sum();
    }
}
