package tanah.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import tanah.core.geometry.Point;

/** Outlines of pieces: each touches its box, is the same every time, and goes with the piece. */
class PieceLookTest {
    private static final HardscapeItem STONE = piece("stone", "granite", 0.20, 0.12, 0.10);

    @ParameterizedTest
    @EnumSource(PieceForm.class)
    void everyOutlineTouchesTheFourSidesOfItsBox(PieceForm form) {
        Random random = new Random(form.ordinal());
        for (int i = 0; i < 60; i++) {
            HardscapeItem item = piece(
                    "stone",
                    "granite",
                    0.03 + 0.5 * random.nextDouble(),
                    0.03 + 0.3 * random.nextDouble(),
                    0.02 + 0.5 * random.nextDouble());
            PieceLook look = PieceLook.made(item, form, random.nextInt(65536));
            for (List<Point> outline : List.of(look.plan(), look.front())) {
                assertThat(outline).hasSizeBetween(PieceLook.FEWEST, PieceLook.MOST);
                assertThat(span(outline.stream().mapToDouble(Point::x))).containsExactly(0, 1);
                assertThat(span(outline.stream().mapToDouble(Point::y))).containsExactly(0, 1);
            }
        }
    }

    @ParameterizedTest
    @EnumSource(PieceForm.class)
    void anOutlineEnclosesOneBodyAndDoesNotCrossItself(PieceForm form) {
        for (int seed = 0; seed < 60; seed++) {
            PieceLook look = PieceLook.made(STONE, form, seed);
            assertThat(crossings(look.plan()))
                    .as("%s from above, %d", form, seed)
                    .isZero();
            assertThat(crossings(look.front()))
                    .as("%s from the front, %d", form, seed)
                    .isZero();
        }
    }

    @ParameterizedTest
    @EnumSource(PieceForm.class)
    void oneSeedDrawsOneOutlineAndAnotherADifferentOne(PieceForm form) {
        assertThat(PieceLook.made(STONE, form, 7)).isEqualTo(PieceLook.made(STONE, form, 7));
        assertThat(PieceLook.made(STONE, form, 7).plan())
                .isNotEqualTo(PieceLook.made(STONE, form, 8).plan());
        assertThat(PieceForm.of(form.word())).contains(form);
    }

    @ParameterizedTest
    @CsvSource({
        "stone,granite,0.20,0.20,0.089,SLAB",
        "stone,granite,0.20,0.20,0.091,BOULDER",
        "wood,branch,0.221,0.10,0.08,BRANCH",
        "wood,branch,0.219,0.10,0.08,ROOT",
        "wood,bamboo,0.60,0.05,0.05,BLOCK",
        "cork,cork_tube,0.30,0.10,0.10,TUBE",
        "cork,cork_flat,0.20,0.20,0.071,HALF_SHELL",
        "cork,cork_flat,0.20,0.20,0.069,FLAT",
        "foam,pu_foam,0.30,0.10,0.10,BLOCK"
    })
    void theUsualFormFollowsMaterialAndMeasures(
            String kind, String media, double length, double width, double height, PieceForm form) {
        assertThat(PieceForm.usual(piece(kind, media, length, width, height))).isEqualTo(form);
    }

    @Test
    void anOutlineTurnsWithItsPiece() {
        double angle = 0.7;
        HardscapeItem turned = PieceMove.turned(STONE, angle);
        PieceLook look = PieceLook.of(STONE);
        Point a = PieceLook.above(STONE, look.plan().get(3));
        Point b = PieceLook.above(STONE, look.plan().get(9));
        Point at = PieceLook.above(turned, look.plan().get(3));
        Point bt = PieceLook.above(turned, look.plan().get(9));
        assertThat(Math.hypot(bt.x() - at.x(), bt.y() - at.y()))
                .isCloseTo(Math.hypot(b.x() - a.x(), b.y() - a.y()), within(1e-9));
        double was = Math.atan2(b.y() - a.y(), b.x() - a.x());
        double is = Math.atan2(bt.y() - at.y(), bt.x() - at.x());
        assertThat(Math.abs(Math.IEEEremainder(is - was, 2 * Math.PI))).isCloseTo(angle, within(1e-9));
    }

    @Test
    void aPlaceOverAPieceIsFoundAgainInItsOutline() {
        List<HardscapeItem> pieces = List.of(
                STONE, PieceMove.turned(STONE, 0.4), STONE.shaped(trapezium(), 0.1), PieceMove.turned(STONE, 2));
        for (HardscapeItem item : pieces) {
            Point share = new Point(0.23, 0.81);
            Point found = PieceLook.shareAbove(item, PieceLook.above(item, share));
            assertThat(found.x()).isCloseTo(share.x(), within(1e-9));
            assertThat(found.y()).isCloseTo(share.y(), within(1e-9));
        }
    }

    @Test
    void aPlanThatIsNoRectangleIsDrawnAsItIsComputed() {
        HardscapeItem item = STONE.shaped(trapezium(), 0.1);
        PieceLook look = PieceLook.of(item);
        List<Point> drawn =
                look.plan().stream().map(s -> PieceLook.above(item, s)).toList();
        for (int i = 0; i < drawn.size(); i++) {
            assertThat(drawn.get(i).x()).isCloseTo(trapezium().get(i).x(), within(1e-5));
            assertThat(drawn.get(i).y()).isCloseTo(trapezium().get(i).y(), within(1e-5));
        }
    }

    @Test
    void aCornerStaysInTheBox() {
        PieceLook look = PieceLook.of(STONE);
        assertThat(look.moved(PieceLook.View.FRONT, 2, new Point(-0.2, 1.4))
                        .front()
                        .get(2))
                .isEqualTo(new Point(0, 1));
        assertThat(look.moved(PieceLook.View.FRONT, 2, new Point(0.3, 0.4)).plan())
                .isEqualTo(look.plan());
    }

    @Test
    void aCornerIsSplitHalfWayAndTakenOutAgain() {
        PieceLook look = PieceLook.of(STONE);
        int last = look.plan().size() - 1;
        PieceLook split = look.split(PieceLook.View.PLAN, last);
        Point half = split.plan().get(last + 1);
        assertThat(half.x())
                .isCloseTo((look.plan().get(last).x() + look.plan().get(0).x()) / 2, within(1e-5));
        assertThat(split.without(PieceLook.View.PLAN, last + 1)).isEqualTo(look);
    }

    /** How often sides of an outline that are not neighbours cross. */
    private static int crossings(List<Point> outline) {
        int n = outline.size();
        int found = 0;
        for (int i = 0; i < n; i++) {
            for (int j = i + 2; j < n; j++) {
                if (i == 0 && j == n - 1) {
                    continue;
                }
                if (cross(outline.get(i), outline.get(i + 1), outline.get(j), outline.get((j + 1) % n))) {
                    found++;
                }
            }
        }
        return found;
    }

    private static boolean cross(Point a, Point b, Point c, Point d) {
        return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
    }

    private static double side(Point a, Point b, Point p) {
        return Math.signum((b.x() - a.x()) * (p.y() - a.y()) - (b.y() - a.y()) * (p.x() - a.x()));
    }

    private static double[] span(DoubleStream values) {
        var all = values.summaryStatistics();
        return new double[] {all.getMin(), all.getMax()};
    }

    private static List<Point> trapezium() {
        return List.of(new Point(0.1, 0.1), new Point(0.3, 0.1), new Point(0.26, 0.2), new Point(0.1, 0.2));
    }

    private static HardscapeItem piece(String kind, String media, double length, double width, double height) {
        return new HardscapeItem(
                "piece",
                Optional.empty(),
                Optional.of(kind),
                Optional.of(media),
                List.of(
                        new Point(0.1, 0.1),
                        new Point(0.1 + length, 0.1),
                        new Point(0.1 + length, 0.1 + width),
                        new Point(0.1, 0.1 + width)),
                OptionalDouble.of(0.02),
                height,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                Fixing.UNSAID,
                Optional.empty(),
                Optional.empty(),
                OtherFields.NONE);
    }
}
