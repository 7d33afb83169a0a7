package tanah.core.light;

/**
 * An upright box that stands in the light.
 *
 * @param x0 left (m)
 * @param x1 right (m)
 * @param y0 front (m)
 * @param y1 back (m)
 * @param z0 lower face (m)
 * @param z1 upper face (m)
 */
public record Block(double x0, double x1, double y0, double y1, double z0, double z1) {

    /** Length of the way from one place to another that lies inside (m), by slabs. */
    public double inside(Vec from, Vec to) {
        if (isAside(from.x(), to.x(), x0, x1)
                || isAside(from.y(), to.y(), y0, y1)
                || isAside(from.z(), to.z(), z0, z1)) {
            return 0; // most ways pass most boxes by: no division for those
        }
        double enter = 0;
        double leave = 1;
        for (int axis = 0; axis < 3 && leave > enter; axis++) {
            double start = axis == 0 ? from.x() : axis == 1 ? from.y() : from.z();
            double run = (axis == 0 ? to.x() : axis == 1 ? to.y() : to.z()) - start;
            double low = axis == 0 ? x0 : axis == 1 ? y0 : z0;
            double high = axis == 0 ? x1 : axis == 1 ? y1 : z1;
            if (Math.abs(run) >= 1e-15) {
                double a = (low - start) / run;
                double b = (high - start) / run;
                enter = Math.max(enter, Math.min(a, b));
                leave = Math.min(leave, Math.max(a, b));
            } else if (start < low || start > high) {
                return 0;
            }
        }
        return leave > enter ? (leave - enter) * to.minus(from).length() : 0;
    }

    private static boolean isAside(double from, double to, double low, double high) {
        return from < low && to < low || from > high && to > high;
    }

    public boolean contains(Vec p) {
        return p.x() > x0 && p.x() < x1 && p.y() > y0 && p.y() < y1 && p.z() > z0 && p.z() < z1;
    }

    public double height() {
        return z1 - z0;
    }

    /** Volume shared with another box (m³). */
    public double shared(Block o) {
        return Math.max(0, Math.min(x1, o.x1) - Math.max(x0, o.x0))
                * Math.max(0, Math.min(y1, o.y1) - Math.max(y0, o.y0))
                * Math.max(0, Math.min(z1, o.z1) - Math.max(z0, o.z0));
    }

    public double floorArea() {
        return (x1 - x0) * (y1 - y0);
    }
}
