package tanah.core.design;

import java.util.List;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;

/** Places, turns and resizes a piece of hardscape by the box around its plan. */
public final class PieceMove {
    private PieceMove() {}

    /**
     * The box around a plan (m).
     *
     * @param left  least x
     * @param front least y
     * @param right greatest x
     * @param back  greatest y
     */
    public record Box(double left, double front, double right, double back) {
        public double length() {
            return right - left;
        }

        public double width() {
            return back - front;
        }
    }

    public static Box box(HardscapeItem item) {
        double left = Double.MAX_VALUE;
        double front = Double.MAX_VALUE;
        double right = -Double.MAX_VALUE;
        double back = -Double.MAX_VALUE;
        for (Point p : item.outline()) {
            left = Math.min(left, p.x());
            right = Math.max(right, p.x());
            front = Math.min(front, p.y());
            back = Math.max(back, p.y());
        }
        return new Box(left, front, right, back);
    }

    /**
     * The piece with its box at another place.
     *
     * @param left  of its box (m)
     * @param front of its box (m)
     * @param base  height of its underside (m), not negative
     */
    public static HardscapeItem to(HardscapeItem item, double left, double front, double base) {
        Box box = box(item);
        return item.moved(left - box.left(), front - box.front(), base - item.base());
    }

    /**
     * The piece stretched to other measures, its left front corner kept. A measured volume stays as it was measured.
     *
     * @param length along x (m), greater than 0
     * @param width  along y (m), greater than 0
     * @param height (m), greater than 0
     */
    public static HardscapeItem sized(HardscapeItem item, double length, double width, double height) {
        Box box = box(item);
        List<Point> corners = item.outline().stream()
                .map(p -> new Point(
                        box.left() + (p.x() - box.left()) * length / box.length(),
                        box.front() + (p.y() - box.front()) * width / box.width()))
                .toList();
        return item.shaped(corners, height);
    }

    /**
     * The piece turned about the middle of its plan.
     *
     * @param angle counter-clockwise seen from above (radians)
     */
    public static HardscapeItem turned(HardscapeItem item, double angle) {
        Point middle = new ConvexPolygon(item.outline()).centroid();
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        List<Point> corners = item.outline().stream()
                .map(p -> new Point(
                        middle.x() + (p.x() - middle.x()) * cos - (p.y() - middle.y()) * sin,
                        middle.y() + (p.x() - middle.x()) * sin + (p.y() - middle.y()) * cos))
                .toList();
        return item.shaped(corners, item.height());
    }

    /** The piece pushed back inside the box of a vessel as far as it has to be; one that is too large is only lined up. */
    public static HardscapeItem inside(HardscapeItem item, double vesselLength, double vesselWidth) {
        Box box = box(item);
        double left = Math.max(0, Math.min(box.left(), vesselLength - box.length()));
        double front = Math.max(0, Math.min(box.front(), vesselWidth - box.width()));
        return to(item, left, front, item.base());
    }
}
