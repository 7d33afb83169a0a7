package tanah.core.structure;

/** Silicone beads and expanding foam: how much, and how long until they have cured. */
public final class Adhesives {
    private static final double WASTE = 1.15; // common practice
    private static final double CARTRIDGE = 300e-6; // m³
    private static final double PER_DAY = 2.5e-3; // m cured on the first day, then by the root of time; from memory
    private static final double FOAM_YIELD = 0.6; // of what the can says, common practice
    private static final double LIFT = 0.05; // m a day
    private static final double WHOLE = 1e-9;

    private Adhesives() {}

    /** Section of a bead. */
    public enum Bead {
        TRIANGLE(0.5, 1 / Math.sqrt(2)),
        CONCAVE(1 - Math.PI / 4, 0.6),
        JOINT(1, 1);

        private final double section;
        private final double depth;

        Bead(double section, double depth) {
            this.section = section;
            this.depth = depth;
        }
    }

    /** Silicone for a bead (m³), a seventh for waste included. Length and leg in m. */
    public static double silicone(Bead bead, double leg, double length) {
        return bead.section * leg * leg * length * WASTE;
    }

    /** Cartridges of 300 ml. */
    public static int cartridges(double volume) {
        return (int) Math.ceil(volume / CARTRIDGE - WHOLE);
    }

    /** Days until the deepest point has cured, moisture entering from the free face; the maker's word prevails. */
    public static double cureDays(Bead bead, double leg) {
        double way = bead.depth * leg / PER_DAY;
        return Math.max(1, way * way);
    }

    /** What a can fills (m³): 60 % of what it says, for foam in a gap or against a wall expands less. */
    public static double fills(double labelled) {
        return labelled * FOAM_YIELD;
    }

    /** Cans of foam for a volume. Both m³. */
    public static int cans(double volume, double labelled) {
        return (int) Math.ceil(volume / fills(labelled) - WHOLE);
    }

    /** Lifts of 5 cm, one a day. */
    public static int lifts(double thickness) {
        return (int) Math.ceil(thickness / LIFT - WHOLE);
    }
}
