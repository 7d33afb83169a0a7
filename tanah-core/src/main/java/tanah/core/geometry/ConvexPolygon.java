package tanah.core.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A convex polygon on the floor plan, counter-clockwise. Clipping by a half plane after Sutherland and Hodgman,
 * "Reentrant polygon clipping", Communications of the ACM 17 (1974); for a convex polygon it is exact.
 */
public final class ConvexPolygon {
    /** Pieces smaller than this are dropped (m²). */
    public static final double LEAST_AREA = 1e-10;

    private static final double COLLINEAR = 1e-7; // m
    private static final double CONVEX_TOLERANCE = 1e-12;
    private static final double ON_EDGE = 1e-9; // m

    private final List<Point> corners;
    private final double area;
    private final Point centroid;

    /** @throws IllegalArgumentException if there are fewer than three corners or the polygon is not convex */
    public ConvexPolygon(List<Point> points) {
        List<Point> ordered = signedArea(points) < 0 ? reversed(points) : List.copyOf(points);
        if (ordered.size() < 3 || !isConvex(ordered)) {
            throw new IllegalArgumentException("not a convex polygon: " + points);
        }
        this.corners = ordered;
        this.area = signedArea(ordered);
        this.centroid = centroid(ordered, area);
    }

    public static ConvexPolygon rectangle(double x0, double y0, double x1, double y1) {
        return new ConvexPolygon(List.of(new Point(x0, y0), new Point(x1, y0), new Point(x1, y1), new Point(x0, y1)));
    }

    /** Whether corners, in either direction, make a convex polygon with some area. */
    public static boolean isConvexOutline(List<Point> points) {
        if (points.size() < 3) {
            return false;
        }
        List<Point> ordered = signedArea(points) < 0 ? reversed(points) : points;
        return signedArea(ordered) > LEAST_AREA && isConvex(ordered) && turnsOnce(ordered);
    }

    public List<Point> corners() {
        return corners;
    }

    /** Area (m²). */
    public double area() {
        return area;
    }

    public Point centroid() {
        return centroid;
    }

    /** Length of the outline (m). */
    public double perimeter() {
        double sum = 0;
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % corners.size());
            sum += Math.hypot(b.x() - a.x(), b.y() - a.y());
        }
        return sum;
    }

    /** The part where a plane is at or above zero, if any of it is left. */
    public Optional<ConvexPolygon> where(Plane plane) {
        List<Point> kept = new ArrayList<>(corners.size() + 1);
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % corners.size());
            double da = plane.at(a);
            double db = plane.at(b);
            if (da >= 0) {
                kept.add(a);
            }
            if ((da > 0 && db < 0) || (da < 0 && db > 0)) {
                double t = da / (da - db);
                kept.add(new Point(a.x() + t * (b.x() - a.x()), a.y() + t * (b.y() - a.y())));
            }
        }
        return kept.size() < 3 || signedArea(kept) < LEAST_AREA
                ? Optional.empty()
                : Optional.of(new ConvexPolygon(kept));
    }

    /** The part inside another convex polygon, if any. */
    public Optional<ConvexPolygon> intersect(ConvexPolygon other) {
        Optional<ConvexPolygon> rest = Optional.of(this);
        for (Plane inside : other.edges()) {
            rest = rest.flatMap(p -> p.where(inside));
        }
        return rest;
    }

    /** The parts outside another convex polygon, as convex pieces. */
    public List<ConvexPolygon> subtract(ConvexPolygon other) {
        List<ConvexPolygon> outside = new ArrayList<>();
        Optional<ConvexPolygon> rest = Optional.of(this);
        for (Plane inside : other.edges()) {
            Plane away = new Plane(-inside.constant(), -inside.alongX(), -inside.alongY());
            rest.flatMap(p -> p.where(away)).ifPresent(outside::add);
            rest = rest.flatMap(p -> p.where(inside));
        }
        return outside;
    }

    /** Whether a place lies inside or on the outline. */
    /** Length of edge that this polygon shares with another, from inside or outside (m); edges off by 0.1 µm count. */
    public double sharedEdge(ConvexPolygon other) {
        double longest = 0;
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % corners.size());
            double length = Math.hypot(b.x() - a.x(), b.y() - a.y());
            if (length < COLLINEAR) {
                continue;
            }
            double ux = (b.x() - a.x()) / length;
            double uy = (b.y() - a.y()) / length;
            for (int j = 0; j < other.corners.size(); j++) {
                Point p = other.corners.get(j);
                Point q = other.corners.get((j + 1) % other.corners.size());
                double offP = ux * (p.y() - a.y()) - uy * (p.x() - a.x());
                double offQ = ux * (q.y() - a.y()) - uy * (q.x() - a.x());
                if (Math.abs(offP) < COLLINEAR && Math.abs(offQ) < COLLINEAR) {
                    double from = ux * (p.x() - a.x()) + uy * (p.y() - a.y());
                    double to = ux * (q.x() - a.x()) + uy * (q.y() - a.y());
                    double shared = Math.min(length, Math.max(from, to)) - Math.max(0, Math.min(from, to));
                    longest = Math.max(longest, shared);
                }
            }
        }
        return longest;
    }

    /** How far a point lies outside (m); 0 inside. */
    public double distance(double x, double y) {
        if (contains(x, y)) {
            return 0;
        }
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % corners.size());
            double dx = b.x() - a.x();
            double dy = b.y() - a.y();
            double along = ((x - a.x()) * dx + (y - a.y()) * dy) / Math.max(1e-18, dx * dx + dy * dy);
            double t = Math.max(0, Math.min(1, along));
            least = Math.min(least, Math.hypot(x - a.x() - t * dx, y - a.y() - t * dy));
        }
        return least;
    }

    public boolean contains(double x, double y) {
        return contains(corners, 1, x, y);
    }

    /** Whether a place lies in a convex outline, in either direction, that nothing else is asked of. */
    public static boolean contains(List<Point> outline, double x, double y) {
        return contains(outline, Math.signum(signedArea(outline)), x, y);
    }

    private static boolean contains(List<Point> outline, double turn, double x, double y) {
        for (int i = 0; i < outline.size(); i++) {
            Point a = outline.get(i);
            Point b = outline.get(i + 1 == outline.size() ? 0 : i + 1);
            double dx = b.x() - a.x();
            double dy = b.y() - a.y();
            double inwards = turn * (dx * (y - a.y()) - dy * (x - a.x()));
            // no root is drawn for a place that lies inwards of the edge
            if (inwards < 0 && inwards < -ON_EDGE * Math.hypot(dx, dy)) {
                return false;
            }
        }
        return true;
    }

    /** Integral of a plane over the polygon (m³): area times the height at the centroid. */
    public double integral(Plane plane) {
        return area * plane.at(centroid);
    }

    /** Integral of max(0, level - plane) (m³): the room under a level. */
    public double roomBelow(Plane plane, double level) {
        Plane depth = Plane.level(level).minus(plane);
        return where(depth).map(p -> p.integral(depth)).orElse(0.0);
    }

    /** Half planes, one for each edge, that are at or above zero inside. */
    private List<Plane> edges() {
        List<Plane> edges = new ArrayList<>(corners.size());
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % corners.size());
            double nx = a.y() - b.y();
            double ny = b.x() - a.x();
            double length = Math.hypot(nx, ny);
            if (length > 0) {
                edges.add(new Plane(-(nx * a.x() + ny * a.y()) / length, nx / length, ny / length));
            }
        }
        return edges;
    }

    private static double signedArea(List<Point> points) {
        double sum = 0;
        for (int i = 0; i < points.size(); i++) {
            Point a = points.get(i);
            Point b = points.get((i + 1) % points.size());
            sum += a.x() * b.y() - b.x() * a.y();
        }
        return sum / 2;
    }

    private static Point centroid(List<Point> points, double area) {
        // taken about the first corner, so that small pieces far from the origin lose no digits
        Point o = points.get(0);
        double sx = 0;
        double sy = 0;
        for (int i = 1; i + 1 < points.size(); i++) {
            double ax = points.get(i).x() - o.x();
            double ay = points.get(i).y() - o.y();
            double bx = points.get(i + 1).x() - o.x();
            double by = points.get(i + 1).y() - o.y();
            double twice = ax * by - bx * ay;
            sx += twice * (ax + bx) / 3;
            sy += twice * (ay + by) / 3;
        }
        return new Point(o.x() + sx / (2 * area), o.y() + sy / (2 * area));
    }

    private static boolean isConvex(List<Point> points) {
        for (int i = 0; i < points.size(); i++) {
            Point a = points.get(i);
            Point b = points.get((i + 1) % points.size());
            Point c = points.get((i + 2) % points.size());
            double turn = (b.x() - a.x()) * (c.y() - b.y()) - (b.y() - a.y()) * (c.x() - b.x());
            if (turn < -CONVEX_TOLERANCE) {
                return false;
            }
        }
        return true;
    }

    /** Refuses outlines that go round more than once, such as a five-pointed star. */
    private static boolean turnsOnce(List<Point> points) {
        double total = 0;
        for (int i = 0; i < points.size(); i++) {
            Point a = points.get(i);
            Point b = points.get((i + 1) % points.size());
            Point c = points.get((i + 2) % points.size());
            double ux = b.x() - a.x();
            double uy = b.y() - a.y();
            double vx = c.x() - b.x();
            double vy = c.y() - b.y();
            total += Math.atan2(ux * vy - uy * vx, ux * vx + uy * vy);
        }
        return Math.abs(total - 2 * Math.PI) < 1e-6;
    }

    private static List<Point> reversed(List<Point> points) {
        List<Point> back = new ArrayList<>(points);
        java.util.Collections.reverse(back);
        return List.copyOf(back);
    }

    /** By its corners: a design that was written and read again equals itself. */
    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof ConvexPolygon polygon && polygon.corners.equals(corners);
    }

    @Override
    public int hashCode() {
        return corners.hashCode();
    }
}
