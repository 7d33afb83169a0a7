package tanah.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Whether a place lies in a convex outline, against the shapes of the Java library. */
class InsideTest {
    @Test
    void anyPlaceAgreesWithTheLibrary() {
        Random random = new Random(5);
        int inside = 0;
        for (int i = 0; i < 200; i++) {
            List<Point> outline = outline(random);
            Path2D.Double path = new Path2D.Double();
            path.moveTo(outline.get(0).x(), outline.get(0).y());
            outline.forEach(p -> path.lineTo(p.x(), p.y()));
            path.closePath();
            List<Point> backwards = new ArrayList<>(outline);
            Collections.reverse(backwards);
            for (int k = 0; k < 50; k++) {
                double x = random.nextDouble();
                double y = random.nextDouble();
                boolean in = path.contains(x, y);
                inside += in ? 1 : 0;
                assertThat(new ConvexPolygon(outline).contains(x, y)).isEqualTo(in);
                assertThat(ConvexPolygon.contains(outline, x, y)).isEqualTo(in);
                assertThat(ConvexPolygon.contains(backwards, x, y)).isEqualTo(in);
            }
        }
        assertThat(inside).isBetween(1000, 9000);
    }

    @Test
    void cornersAndEdgesBelongToIt() {
        List<Point> outline =
                List.of(new Point(0.1, 0.1), new Point(0.5, 0.1), new Point(0.5, 0.4), new Point(0.1, 0.4));
        assertThat(ConvexPolygon.contains(outline, 0.1, 0.1)).isTrue();
        assertThat(ConvexPolygon.contains(outline, 0.3, 0.4)).isTrue();
        assertThat(ConvexPolygon.contains(outline, 0.3, 0.4 + 0.9e-9)).isTrue();
        assertThat(ConvexPolygon.contains(outline, 0.3, 0.4 + 1.1e-9)).isFalse();
    }

    /** Corners of a circle at angles drawn by lot, counter-clockwise. */
    private static List<Point> outline(Random random) {
        int corners = 3 + random.nextInt(6);
        List<Point> all = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            double angle = 2 * Math.PI * (i + 0.8 * random.nextDouble()) / corners;
            all.add(new Point(0.5 + 0.45 * Math.cos(angle), 0.5 + 0.45 * Math.sin(angle)));
        }
        return all;
    }
}
