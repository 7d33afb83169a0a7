package tanah.core.scene;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import tanah.core.design.Design;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestSpecies;

/** What the cut sees is what was computed. */
class SceneBuilderTest {
    @Test
    void theSectionShowsALayerAtItsDepthWhereItIsCut() {
        Design design =
                TestDesigns.box(1.0, 0.4, 0.5, TestDesigns.drainage(0.05), TestDesigns.slope("sand_play", 0.10, 0.30));
        Scene front = scene(design, 0.0);
        Scene back = scene(design, 0.4);
        assertThat(top(front)).isCloseTo(0.10, within(1e-4));
        assertThat(top(back)).isCloseTo(0.30, within(1e-4));
        assertThat(front.strata()).extracting(Scene.Stratum::part).containsExactly("drainage", "soil");
        assertThat(front.barriers()).as("a separator lies under the soil").hasSize(1);
    }

    @Test
    void thePlanCoversTheFloorAndTheAnimalHasItsLength() {
        Scene scene = scene(TestDesigns.box(1.0, 0.4, 0.5, TestDesigns.soil("sand_play", 0.1)), 0.2);
        double area = scene.plan().stream()
                .mapToDouble(a -> new tanah.core.geometry.ConvexPolygon(a.points()).area())
                .sum();
        assertThat(area).isCloseTo(0.4, within(1e-9));
        assertThat(scene.animals().get(0).length()).isCloseTo(0.30, within(1e-12));
        assertThat(scene.animals().get(0).z()).isCloseTo(0.1, within(1e-9));
    }

    private static double top(Scene scene) {
        return scene.section().stream()
                .filter(a -> a.part().equals("soil"))
                .flatMap(a -> a.points().stream())
                .mapToDouble(p -> p.y())
                .max()
                .orElseThrow();
    }

    private static Scene scene(Design design, double cut) {
        return SceneBuilder.build(
                design,
                TestDesigns.vessel(design),
                TestDesigns.ground(design),
                java.util.Optional.empty(),
                List.of(TestSpecies.inhabitant(TestSpecies.lizard(), 1)),
                0,
                OptionalDouble.of(cut));
    }
}
