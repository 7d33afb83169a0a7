package tanah.core.light;

/**
 * A place or a direction in the enclosure.
 *
 * @param x along the front from the left (m)
 * @param y from the front glass backwards (m)
 * @param z up from the inside of the bottom pane (m)
 */
public record Vec(double x, double y, double z) {
    public static final Vec DOWN = new Vec(0, 0, -1);
    public static final Vec UP = new Vec(0, 0, 1);

    public Vec plus(Vec o) {
        return new Vec(x + o.x, y + o.y, z + o.z);
    }

    public Vec minus(Vec o) {
        return new Vec(x - o.x, y - o.y, z - o.z);
    }

    public Vec times(double f) {
        return new Vec(f * x, f * y, f * z);
    }

    public double dot(Vec o) {
        return x * o.x + y * o.y + z * o.z;
    }

    public Vec cross(Vec o) {
        return new Vec(y * o.z - z * o.y, z * o.x - x * o.z, x * o.y - y * o.x);
    }

    public double length() {
        return Math.sqrt(dot(this));
    }

    /** The direction alone; its length must be greater than 0. */
    public Vec unit() {
        return times(1 / length());
    }
}
