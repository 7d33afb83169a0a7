package tanah.core.physics;

import static tanah.core.physics.Constants.GRAVITY;

/** Air that passes through meshes and vents. */
public final class Openings {
    private static final double LOSS = 1.5; // of two-way exchange without a screen
    private static final double SCREEN = 18; // loss of fine wire at low Reynolds number, from memory, 8 to 40
    private static final double EXCHANGE = 0.070; // Froude-type constant of a level opening, from memory (Epstein 1988)
    private static final double DRAUGHT = 0.02; // share of the room's air speed, from memory, 0.01 to 0.05
    private static final double DISCHARGE = 0.60; // ASHRAE Fundamentals

    private Openings() {}

    /** Share of the flow that a screen leaves. Open share clamped to 0.02 to 0.999. */
    public static double screen(double open) {
        double phi = Math.min(0.999, Math.max(0.02, open));
        double k = SCREEN * (1 - phi) / (phi * phi);
        return 1 / Math.sqrt(1 + k / LOSS);
    }

    /**
     * Two-way exchange through a mesh lid (m³/s).
     *
     * @param area    of the part that counts (m²)
     * @param whole   area of all of the mesh (m²)
     * @param open    open share
     * @param excess  virtual temperature inside over that of the room (K)
     * @param outside virtual temperature of the room (K)
     * @param wind    air speed of the room (m/s)
     */
    public static double lid(double area, double whole, double open, double excess, double outside, double wind) {
        double reduced = GRAVITY * Math.max(excess, 0) / outside;
        double across = Math.sqrt(4 * whole / Math.PI);
        return area * screen(open) * (EXCHANGE * Math.sqrt(reduced * across) + DRAUGHT * wind);
    }

    /** Two-way exchange of any opening with a draught (m³/s). */
    public static double draught(double area, double open, double wind) {
        return screen(open) * area * DRAUGHT * wind;
    }

    /** Flow between low and high openings (m³/s): the stack formula of ASHRAE Fundamentals. Areas effective (m²). */
    public static double stack(double low, double high, double height, double excess, double outside) {
        if (!(low > 0) || !(high > 0)) {
            return 0;
        }
        double area = 1 / Math.sqrt(1 / (low * low) + 1 / (high * high));
        return Math.signum(excess)
                * DISCHARGE
                * area
                * Math.sqrt(2 * GRAVITY * Math.max(0, height) * Math.abs(excess) / outside);
    }

    /** Two-way exchange of an upright opening that has no partner (m³/s); from memory, Brown and Solvason 1962. */
    public static double single(double area, double open, double height, double excess, double outside) {
        return screen(open) * area * DISCHARGE / 3 * Math.sqrt(GRAVITY * height * Math.abs(excess) / outside);
    }
}
