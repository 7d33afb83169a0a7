package tanah.core.light;

/**
 * The top of the enclosure: one rectangle of mesh over the full width, the rest a clear or an opaque sheet.
 *
 * @param height   of its plane (m)
 * @param length   along the front (m)
 * @param width    front to back (m)
 * @param mesh     share of the lid that is mesh
 * @param side     where the mesh begins
 * @param open     open share of the mesh at right angles to it, nominal
 * @param openUv   the same for the erythemal band; for fine mesh of glass fibre it is lower than {@code open}
 * @param top      what is not mesh
 * @param free     share of the mesh that lamps, hoods, frame and dirt leave free for air
 */
public record Lid(
        double height,
        double length,
        double width,
        double mesh,
        Side side,
        double open,
        double openUv,
        Glazing top,
        double free) {
    private static final double MOST_OPEN = 0.98;

    /** Usual share of a mesh that is left free: tuned on the cool ends of boxes under mesh, range 0.3 to 0.9. */
    public static final double USUAL_FREE = 0.5;

    /** Open share over which a top carries less and less, and nothing at 1. */
    private static final double FINE = 0.8;

    /** A side of the plan. */
    public enum Side {
        LEFT,
        RIGHT,
        FRONT,
        BACK
    }

    public double left() {
        return side == Side.RIGHT ? length * (1 - mesh) : 0;
    }

    public double right() {
        return side == Side.LEFT ? length * mesh : length;
    }

    public double front() {
        return side == Side.BACK ? width * (1 - mesh) : 0;
    }

    public double back() {
        return side == Side.FRONT ? width * mesh : width;
    }

    public double meshArea() {
        return mesh <= 0 ? 0 : (right() - left()) * (back() - front());
    }

    /** Share of the mesh through which air passes: an open top carries nothing that covers it. */
    public double freeForAir() {
        return 1 - (1 - free) * Math.min(1, (1 - open) / (1 - FINE));
    }

    private boolean isMesh(double x, double y) {
        return mesh > 0 && x >= left() && x <= right() && y >= front() && y <= back();
    }

    public boolean covers(double x, double y) {
        return x >= 0 && x <= length && y >= 0 && y <= width;
    }

    /**
     * Share of a ray that comes through at a place.
     *
     * @param cosine  of the ray to the vertical, not negative
     * @param meshing factor on the open share, 1 unless calibrated
     */
    public double through(double x, double y, double cosine, Band band, double meshing) {
        if (!covers(x, y)) {
            return 0;
        }
        if (isMesh(x, y)) {
            return weave(Math.min(MOST_OPEN, (band == Band.UV ? openUv : open) * meshing), cosine);
        }
        return top.through(band);
    }

    /** What a square weave lets through of a slanted ray: the projected openings. At right angles the open share. */
    public static double weave(double open, double cosine) {
        double wire = 1 - Math.sqrt(open);
        return (1 - wire) * Math.max(0, 1 - wire / Math.max(0.001, cosine));
    }
}
