package tanah.core.design;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import tanah.core.geometry.Point;

/**
 * How a piece is drawn: its outlines as shares of the box around it, so that they go with it when it is moved, turned or
 * resized. Nothing is computed from them; volume, floor and rest are those of the box and of what was measured.
 *
 * @param form  what it looks like
 * @param seed  of its own small differences
 * @param plan  corners seen from above, x from its left and y from its front, 0 to 1 each, kept to five digits
 * @param front corners seen from the front, x from its left and y from its underside, likewise
 */
@RecordBuilder
public record PieceLook(PieceForm form, int seed, List<Point> plan, List<Point> front)
        implements PieceLookBuilder.With {
    /** Fewest corners of an outline. */
    public static final int FEWEST = 3;
    /** Most corners of an outline. */
    public static final int MOST = 60;

    private static final int CORNERS = 4;
    private static final double PARTS = 1e5;
    private static final double SQUARE = 1e-6; // m

    public PieceLook {
        plan = rounded(plan);
        front = rounded(front);
    }

    private static List<Point> rounded(List<Point> corners) {
        return corners.stream()
                .map(p -> new Point(rounded(p.x()), rounded(p.y())))
                .toList();
    }

    /** A tenth of a millimetre of the longest piece; so many digits are stored. */
    private static double rounded(double share) {
        return Math.round(share * PARTS) / PARTS;
    }

    /** Which outline of a piece. */
    public enum View {
        PLAN,
        FRONT
    }

    /** The saved look of a piece, or else the usual one of its material and measures. */
    public static PieceLook of(HardscapeItem item) {
        return item.look()
                .orElseGet(() -> made(item, PieceForm.usual(item), item.id().hashCode() & 0xffff));
    }

    /** The outlines of a form for the measures of a piece. */
    public static PieceLook made(HardscapeItem item, PieceForm form, int seed) {
        PieceMove.Box box = PieceMove.box(item);
        Sides sides = Sides.of(item);
        List<Point> plan =
                rectangular(item) ? FormOutlines.plan(form, seed, sides.width() / sides.length()) : shares(item);
        return new PieceLook(
                form,
                seed,
                plan,
                FormOutlines.front(form, seed, item.height() / box.length(), box.width() / box.length()));
    }

    /**
     * The sides of a piece's plan as it was before it was turned (m).
     *
     * @param length from its first corner to its second
     * @param width  from its first corner to its last
     */
    record Sides(double length, double width) {
        static Sides of(HardscapeItem item) {
            List<Point> c = item.outline();
            if (!rectangular(item)) {
                PieceMove.Box box = PieceMove.box(item);
                return new Sides(box.length(), box.width());
            }
            return new Sides(apart(c.get(0), c.get(1)), apart(c.get(0), c.get(CORNERS - 1)));
        }
    }

    /** Whether the plan of a piece is a rectangle, turned or not: opposite sides and both diagonals are equal. */
    private static boolean rectangular(HardscapeItem item) {
        List<Point> c = item.outline();
        return c.size() == CORNERS
                && Math.abs(apart(c.get(0), c.get(1)) - apart(c.get(3), c.get(2))) < SQUARE
                && Math.abs(apart(c.get(0), c.get(3)) - apart(c.get(1), c.get(2))) < SQUARE
                && Math.abs(apart(c.get(0), c.get(2)) - apart(c.get(1), c.get(3))) < SQUARE;
    }

    private static double apart(Point a, Point b) {
        return Math.hypot(b.x() - a.x(), b.y() - a.y());
    }

    /** A plan that its keeper drew corner by corner is drawn as it is. */
    private static List<Point> shares(HardscapeItem item) {
        PieceMove.Box box = PieceMove.box(item);
        return item.outline().stream()
                .map(p -> new Point((p.x() - box.left()) / box.length(), (p.y() - box.front()) / box.width()))
                .toList();
    }

    /** The corners of one outline. */
    public List<Point> seen(View view) {
        return view == View.PLAN ? plan : front;
    }

    private PieceLook seen(View view, List<Point> corners) {
        return view == View.PLAN ? withPlan(corners) : withFront(corners);
    }

    /** With one corner at another place; a place outside the box is brought to its edge. */
    public PieceLook moved(View view, int corner, Point share) {
        List<Point> corners = new ArrayList<>(seen(view));
        corners.set(corner, new Point(clamp(share.x()), clamp(share.y())));
        return seen(view, corners);
    }

    /** With one more corner, half-way between one and the next. */
    public PieceLook split(View view, int corner) {
        List<Point> corners = new ArrayList<>(seen(view));
        Point a = corners.get(corner);
        Point b = corners.get((corner + 1) % corners.size());
        corners.add(corner + 1, new Point((a.x() + b.x()) / 2, (a.y() + b.y()) / 2));
        return seen(view, corners);
    }

    /** With one corner less. */
    public PieceLook without(View view, int corner) {
        List<Point> corners = new ArrayList<>(seen(view));
        corners.remove(corner);
        return seen(view, corners);
    }

    /** Where a share of the plan of a piece is (m); a rectangle's goes by its sides, any other's by the box around it. */
    public static Point above(HardscapeItem item, Point share) {
        if (!rectangular(item)) {
            PieceMove.Box box = PieceMove.box(item);
            return new Point(box.left() + share.x() * box.length(), box.front() + share.y() * box.width());
        }
        Point corner = item.outline().get(0);
        Point along = item.outline().get(1);
        Point deep = item.outline().get(CORNERS - 1);
        return new Point(
                corner.x() + share.x() * (along.x() - corner.x()) + share.y() * (deep.x() - corner.x()),
                corner.y() + share.x() * (along.y() - corner.y()) + share.y() * (deep.y() - corner.y()));
    }

    /** Which share of the plan of a piece a place is (m), for a rectangle or by the box around it. */
    public static Point shareAbove(HardscapeItem item, Point place) {
        Point from = above(item, new Point(0, 0));
        Point along = above(item, new Point(1, 0));
        Point deep = above(item, new Point(0, 1));
        return new Point(along(place, from, along), along(place, from, deep));
    }

    private static double along(Point place, Point from, Point to) {
        double dx = to.x() - from.x();
        double dy = to.y() - from.y();
        return ((place.x() - from.x()) * dx + (place.y() - from.y()) * dy) / (dx * dx + dy * dy);
    }

    private static double clamp(double share) {
        return Math.max(0, Math.min(1, share));
    }
}
