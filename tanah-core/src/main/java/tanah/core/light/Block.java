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
        double enter = 0;
        double leave = 1;
        double[] starts = {from.x(), from.y(), from.z()};
        double[] runs = {to.x() - from.x(), to.y() - from.y(), to.z() - from.z()};
        double[] lows = {x0, y0, z0};
        double[] highs = {x1, y1, z1};
        for (int i = 0; i < 3; i++) {
            if (Math.abs(runs[i]) < 1e-15) {
                if (starts[i] < lows[i] || starts[i] > highs[i]) {
                    return 0;
                }
                continue;
            }
            double a = (lows[i] - starts[i]) / runs[i];
            double b = (highs[i] - starts[i]) / runs[i];
            enter = Math.max(enter, Math.min(a, b));
            leave = Math.min(leave, Math.max(a, b));
        }
        return leave > enter ? (leave - enter) * to.minus(from).length() : 0;
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
