package tanah.core.water;

import static tanah.core.physics.Constants.GRAVITY;

/** Water that runs in the open: channels, films on walls, jets. */
public final class OpenFlow {
    private static final double CORE = 6.2; // bores over which a round jet keeps its speed
    private static final int STEPS = 80;

    private OpenFlow() {}

    /**
     * Depth in a rectangular channel by Manning's equation (m).
     *
     * @param flow  m³/s, greater than 0
     * @param width m
     * @param slope fall per length, greater than 0
     * @param n     Manning's roughness (s/m^⅓): 0.035 smooth bed, 0.05 pebbles (handbook values, from memory)
     */
    public static double channelDepth(double flow, double width, double slope, double n) {
        double low = 0;
        double high = 1;
        for (int i = 0; i < STEPS; i++) {
            double y = (low + high) / 2;
            double area = width * y;
            double carried = area / n * Math.pow(area / (width + 2 * y), 2.0 / 3) * Math.sqrt(slope);
            if (carried < flow) {
                low = y;
            } else {
                high = y;
            }
        }
        return (low + high) / 2;
    }

    /** Thickness of a laminar film on a wall (m); W. Nusselt, Z. VDI 60 (1916). Flow m³/s, width m. */
    public static double filmThickness(double flow, double width, double celsius) {
        double density = WaterProperties.density(celsius);
        double load = density * flow / width;
        return Math.cbrt(3 * WaterProperties.viscosity(celsius) * load / (density * density * GRAVITY));
    }

    /**
     * Speed on the axis of a round free jet (m/s).
     *
     * @param flow     m³/s, of all outlets
     * @param outlets  1 or more
     * @param bore     m
     * @param distance m
     */
    public static double jetSpeed(double flow, int outlets, double bore, double distance) {
        double start = flow / (outlets * Math.PI * bore * bore / 4);
        return distance <= CORE * bore ? start : CORE * start * bore / distance;
    }
}
