package tanah.core.geometry;

/**
 * Height over the floor plan, z = constant + alongX x + alongY y.
 *
 * @param constant height at the origin (m)
 * @param alongX   gradient along x
 * @param alongY   gradient along y
 */
public record Plane(double constant, double alongX, double alongY) {

    public static final Plane FLOOR = new Plane(0, 0, 0);

    public static Plane level(double height) {
        return new Plane(height, 0, 0);
    }

    /** Height at a place (m). */
    public double at(double x, double y) {
        return constant + alongX * x + alongY * y;
    }

    public double at(Point p) {
        return at(p.x(), p.y());
    }

    public Plane plus(double height) {
        return new Plane(constant + height, alongX, alongY);
    }

    public Plane minus(Plane other) {
        return new Plane(constant - other.constant, alongX - other.alongX, alongY - other.alongY);
    }

    /** Steepest gradient, rise over run. */
    public double gradient() {
        return Math.hypot(alongX, alongY);
    }
}
