package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Mix;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.DesignEdit;
import tanah.core.design.Layer;
import tanah.core.design.Recipe;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.school.School;
import tanah.core.school.Schools;
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

    private static Design design(String mix, boolean drained) {
        Design design = Design.named("x")
                .withVessel(Boxes.fromCatalogue(
                        CATALOGUE.findVessel("palud-glass-90x45x60").orElseThrow(), java.util.Optional.empty()));
        Layer soil = DesignEdit.layer(design, Layer.Kind.SUBSTRATE, mix, 0.08);
        design = design.withGround(design.ground().insert(0, soil));
        return drained
                ? design.withGround(design.ground().insert(0, DesignEdit.drainage(design, "expanded_clay_8_16", 0.05)))
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
