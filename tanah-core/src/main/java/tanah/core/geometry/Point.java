package tanah.core.geometry;

/**
 * A place on the floor plan.
 *
 * @param x to the right (m)
 * @param y to the back (m)
 */
public record Point(double x, double y) {
    public Point {
        if (!Double.isFinite(x) || !Double.isFinite(y)) {
            throw new IllegalArgumentException("point " + x + ", " + y);
        }
    }
}
