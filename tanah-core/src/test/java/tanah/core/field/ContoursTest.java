package tanah.core.field;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tanah.core.geometry.Point;

/** Regions and lines against areas and lengths of plane geometry. */
class ContoursTest {
    @Test
    void aSlopeIsCutExactly() {
        ScalarGrid slope = ScalarGrid.of(2, 1, 9, 5, (x, y) -> x + y);
        // x + y >= 1.1 in a rectangle 2 by 1 leaves out two corners' worth: 2 - (1.1^2 - 0.1^2) / 2
        assertThat(area(Contours.region(slope, 1.1))).isCloseTo(2 - (1.21 - 0.01) / 2, within(1e-12));
        List<List<Point>> lines = Contours.lines(slope, 1.1);
        assertThat(lines).hasSize(1);
        assertThat(lines.get(0)).allSatisfy(p -> assertThat(p.x() + p.y()).isCloseTo(1.1, within(1e-12)));
        assertThat(length(lines.get(0))).isCloseTo(Math.sqrt(2), within(1e-12));
    }

    @Test
    void aHillHasTheAreaAndTheGirthOfACircle() {
        ScalarGrid hill = ScalarGrid.of(2, 2, 161, 161, (x, y) -> -Math.hypot(x - 1, y - 1));
        assertThat(area(Contours.region(hill, -0.7))).isCloseTo(Math.PI * 0.49, within(1e-3));
        List<List<Point>> lines = Contours.lines(hill, -0.7);
        assertThat(lines).hasSize(1);
        assertThat(lines.get(0).get(0)).isEqualTo(lines.get(0).get(lines.get(0).size() - 1));
        assertThat(length(lines.get(0))).isCloseTo(2 * Math.PI * 0.7, within(2e-3));
    }

    @Test
    void everyPlaceIsInTheRegionOrInThatOfTheOppositeField() {
        Random random = new Random(7);
        for (int n = 0; n < 200; n++) {
            double[] v = random.doubles(30, -1, 1).toArray();
            double[] less = java.util.Arrays.stream(v).map(x -> -x).toArray();
            ScalarGrid g = new ScalarGrid(0, 0, 0.2, 0.25, 6, 5, v);
            ScalarGrid opposite = new ScalarGrid(0, 0, 0.2, 0.25, 6, 5, less);
            double level = random.nextDouble() - 0.5;
            assertThat(area(Contours.region(g, level)) + area(Contours.region(opposite, -level)))
                    .isCloseTo(1.0, within(1e-9));
        }
    }

    @Test
    void nothingIsDrawnWhereTheFieldIsNotValid() {
        ScalarGrid half = ScalarGrid.of(1, 1, 11, 11, (x, y) -> x < 0.45 ? Double.NaN : 5);
        assertThat(area(Contours.region(half, 1))).isCloseTo(0.5, within(1e-9));
        assertThat(Contours.lines(half, 1)).isEmpty();
    }

    private static double area(List<List<Point>> polygons) {
        double sum = 0;
        for (List<Point> p : polygons) {
            double twice = 0;
            for (int i = 0; i < p.size(); i++) {
                Point a = p.get(i);
                Point b = p.get((i + 1) % p.size());
                twice += a.x() * b.y() - b.x() * a.y();
            }
            sum += twice / 2;
        }
        return sum;
    }

    private static double length(List<Point> line) {
        double sum = 0;
        for (int i = 1; i < line.size(); i++) {
            sum += Math.hypot(
                    line.get(i).x() - line.get(i - 1).x(),
                    line.get(i).y() - line.get(i - 1).y());
        }
        return sum;
    }
}
