package tanah.core.physics;

import static tanah.core.physics.Constants.GRAVITY;

/** Air that passes through meshes and vents. */
public final class Openings {
    private static final double LOSS = 1.5; // of an opening without a screen
    private static final double SCREEN =
            18; // loss factor of fine wire, 8 to 40; with it and CREEP the law follows Brundrett 1993 within 30 %
    private static final double CREEP = 0.03; // m/s below which a screen's law turns linear, 0.01 to 0.10
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
     * Net flow by the square of a speed that drives it (m³/s), outwards where positive.
     *
     * @param area effective (m²)
     * @param head pressure over density, g times height times the relative excess of virtual temperature (m²/s²)
     */
    public static double net(double area, double head) {
        return DISCHARGE * area * Math.signum(head) * (Math.sqrt(2 * Math.abs(head) + CREEP * CREEP) - CREEP);
    }

    /**
     * Speed of what goes both ways through a level opening (m/s); Epstein 1988, from memory.
     *
     * @param across diameter of a circle of its area (m)
     * @param excess virtual temperature inside over that of the room (K)
     */
    public static double level(double across, double excess, double outside) {
        return EXCHANGE * Math.sqrt(GRAVITY * Math.max(excess, 0) / outside * across);
    }

    /** The same of an upright opening (m/s); Brown and Solvason 1962, from memory. */
    public static double upright(double height, double excess, double outside) {
        return DISCHARGE / 3 * Math.sqrt(GRAVITY * height * Math.abs(excess) / outside);
    }

    /**
     * What goes both ways through an opening (m³/s): its net flow stops it (Epstein and Kenton 1989, from memory), a draught of the room does not
     * care.
     *
     * @param area  effective (m²)
     * @param speed of the exchange (m/s)
     * @param net   flow of either sign (m³/s)
     * @param wind  air speed of the room (m/s)
     */
    public static double twoWay(double area, double speed, double net, double wind) {
        return Math.max(0, area * speed - Math.abs(net)) + area * DRAUGHT * wind;
    }
}
