package tanah.core.structure;

import java.util.Map;
import java.util.Optional;
import tanah.core.design.Envelope.Face;

/**
 * Flat panes under soil and water. A screening estimate for whole panes, evenly held, with good seams; the maker's
 * word prevails.
 *
 * @param pressure at the base (Pa), the larger of what stands on either side
 * @param loaded   height to which it acts (m)
 * @param panes    front, back, left and right
 * @param divider  wall of glass or acrylic between land and water
 * @param base     a base that is held along its rim only
 */
public record PaneResult(
        double pressure, double loaded, Map<Face, Held> panes, Optional<Held> divider, Optional<Base> base) {
    public PaneResult {
        panes = Map.copyOf(panes);
    }

    /**
     * A pane under its load.
     *
     * @param plate     its stress and bow
     * @param thickness m
     * @param allowed   by its material
     */
    public record Held(PanePlate.Result plate, double thickness, Allowed allowed) {

        /** Share of its limit that it is stressed to. */
        double share() {
            return plate.stress() / allowed.limit();
        }
    }

    /**
     * A base as a plate.
     *
     * @param stress  bending stress under all that stands on it (Pa)
     * @param allowed by its material
     */
    public record Base(double stress, Allowed allowed) {}

    /** The worse of front and back. */
    public Held front() {
        return worse(Face.FRONT, Face.BACK);
    }

    /** The worse of left and right. */
    public Held side() {
        return worse(Face.LEFT, Face.RIGHT);
    }

    private Held worse(Face one, Face other) {
        Held a = of(one);
        Held b = of(other);
        return b.share() > a.share() ? b : a;
    }

    private Held of(Face face) {
        return Optional.ofNullable(panes.get(face)).orElseThrow();
    }

    /** How far two panes bow apart (m): left and right, or front and back. */
    double apart(boolean sides) {
        return of(sides ? Face.LEFT : Face.FRONT).plate().bow()
                + of(sides ? Face.RIGHT : Face.BACK).plate().bow();
    }
}
