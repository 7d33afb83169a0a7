package tanah.core.scene;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import tanah.core.design.Design;
import tanah.core.geometry.Point;
import tanah.core.testing.TestDesigns;

class SideViewTest {
    private static Scene side(Design design, double cut) {
        return SideView.build(
                design,
                TestDesigns.vessel(design),
                TestDesigns.ground(design),
                Optional.empty(),
                List.of(),
                0,
                OptionalDouble.of(cut));
    }

    /** A slope from front to back is level in the section and rises from left to right along the side. */
    @Test
    void aSlopeIsSeenFromItsSide() {
        Design design = TestDesigns.box(0.9, 0.4, 0.5, TestDesigns.slope("sand_play", 0.05, 0.15));
        Scene scene = side(design, 0.3);
        assertThat(scene.length()).isCloseTo(0.4, within(1e-9));
        assertThat(scene.width()).isCloseTo(0.9, within(1e-9));
        List<Point> soil = scene.section().get(0).points();
        assertThat(soil.get(3).y()).isCloseTo(0.05, within(1e-9));
        assertThat(soil.get(2).y()).isCloseTo(0.15, within(1e-9));
        assertThat(soil.get(2).x() - soil.get(3).x()).isCloseTo(0.4, within(1e-9));
    }

    /** The area that both views cut from a level layer is depth times their own extent. */
    @Test
    void aLevelLayerIsAsDeepAlongTheSide() {
        Design design = TestDesigns.box(0.9, 0.4, 0.5, TestDesigns.drainage(0.06), TestDesigns.soil("sand_play", 0.08));
        Scene scene = side(design, 0.7);
        double area = scene.section().stream()
                .filter(a -> a.part().equals("soil"))
                .mapToDouble(a -> (a.points().get(1).x() - a.points().get(0).x())
                        * (a.points().get(3).y() - a.points().get(0).y()))
                .sum();
        assertThat(area).isCloseTo(0.4 * 0.08, within(1e-9));
    }
}
