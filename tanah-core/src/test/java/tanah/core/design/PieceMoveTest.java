package tanah.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;

/** Moving, turning and sizing a piece changes what it should and nothing else. */
class PieceMoveTest {
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void movingKeepsTheShapeAndTurningTheArea(long seed) {
        Random random = new Random(seed);
        HardscapeItem item = piece(random);
        double area = new ConvexPolygon(item.outline()).area();
        HardscapeItem moved = PieceMove.to(item, 0.3, 0.2, 0.1);
        PieceMove.Box box = PieceMove.box(moved);
        assertThat(box.left()).isCloseTo(0.3, within(1e-12));
        assertThat(box.front()).isCloseTo(0.2, within(1e-12));
        assertThat(moved.base()).isCloseTo(0.1, within(1e-12));
        assertThat(new ConvexPolygon(moved.outline()).area()).isCloseTo(area, within(1e-12));
        HardscapeItem turned = PieceMove.turned(item, 2 * Math.PI * random.nextDouble());
        ConvexPolygon plan = new ConvexPolygon(turned.outline());
        assertThat(plan.area()).isCloseTo(area, within(1e-12));
        Point was = new ConvexPolygon(item.outline()).centroid();
        assertThat(plan.centroid().x()).isCloseTo(was.x(), within(1e-9));
        assertThat(plan.centroid().y()).isCloseTo(was.y(), within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(longs = {21, 22, 23, 24, 25})
    void sizingKeepsTheCornerAndInsideKeepsItInTheBox(long seed) {
        Random random = new Random(seed);
        HardscapeItem item = piece(random);
        HardscapeItem sized = PieceMove.sized(item, 0.25, 0.15, 0.07);
        PieceMove.Box box = PieceMove.box(sized);
        assertThat(box.length()).isCloseTo(0.25, within(1e-12));
        assertThat(box.width()).isCloseTo(0.15, within(1e-12));
        assertThat(box.left()).isCloseTo(PieceMove.box(item).left(), within(1e-12));
        assertThat(sized.height()).isEqualTo(0.07);
        assertThat(sized.volume()).isEqualTo(item.volume());
        PieceMove.Box within = PieceMove.box(PieceMove.inside(PieceMove.to(sized, 5, -3, 0), 0.9, 0.45));
        assertThat(within.right()).isLessThanOrEqualTo(0.9 + 1e-12);
        assertThat(within.front()).isGreaterThanOrEqualTo(-1e-12);
    }

    private static HardscapeItem piece(Random random) {
        double x = 0.1 + 0.3 * random.nextDouble();
        double y = 0.1 + 0.1 * random.nextDouble();
        double l = 0.05 + 0.2 * random.nextDouble();
        double w = 0.05 + 0.1 * random.nextDouble();
        return new HardscapeItem(
                "stone",
                Optional.empty(),
                Optional.of("stone"),
                Optional.of("granite"),
                List.of(new Point(x, y), new Point(x + l, y), new Point(x + 0.8 * l, y + w), new Point(x, y + w)),
                OptionalDouble.of(0.02),
                0.1,
                OptionalDouble.of(0.002),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                Fixing.UNSAID,
                Optional.empty(),
                Optional.empty(),
                OtherFields.NONE);
    }
}
