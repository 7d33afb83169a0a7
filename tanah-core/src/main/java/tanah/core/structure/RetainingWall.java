package tanah.core.structure;

import static tanah.core.physics.Constants.GRAVITY;

/**
 * A dry wall of stones that holds a terrace: Rankine's active earth pressure (W. J. M. Rankine, 1857) against the
 * weight of the wall about its toe.
 *
 * @param height    of the step (m)
 * @param soil      wet density (kg/m³)
 * @param repose    angle of repose (radians)
 * @param stone     density of the stones (kg/m³)
 * @param gaps      share of the wall that is air, 0.25 in dry stone (common practice)
 * @param surcharge on the terrace (Pa)
 */
public record RetainingWall(double height, double soil, double repose, double stone, double gaps, double surcharge) {
    private static final double SAFETY = 1.5; // common practice

    /** Rankine's coefficient. */
    public static double active(double repose) {
        double t = Math.tan(Math.PI / 4 - repose / 2);
        return t * t;
    }

    /** Thrust per length (N/m). */
    public double thrust() {
        double k = active(repose);
        return k * soil * GRAVITY * height * height / 2 + k * surcharge * height;
    }

    /** Least thickness at the base (m). */
    public double leastThickness() {
        double k = active(repose);
        double moment = k * soil * GRAVITY * Math.pow(height, 3) / 6 + k * surcharge * height * height / 2;
        double weight = stone * (1 - gaps) * GRAVITY;
        return Math.sqrt(2 * SAFETY * moment / (weight * height));
    }
}
