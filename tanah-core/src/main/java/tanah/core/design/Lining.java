package tanah.core.design;

import java.util.Optional;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;
import tanah.core.vessel.Vessel;

/**
 * Backgrounds inside the box: what they leave of the room is what soil, water and animal have.
 *
 * @param left   thickness (m)
 * @param right  m
 * @param front  m
 * @param back   m
 * @param bottom m, under the ground
 * @param lid    m, under the lid
 */
public record Lining(double left, double right, double front, double back, double bottom, double lid) {
    public static final Lining NONE = new Lining(0, 0, 0, 0, 0, 0);

    /** Floor or height that has to be left (m), or the sheets are a mistake: common practice, no source. */
    public static final double LEAST = 0.02;

    /**
     * What counts in a plan: its sheets where they leave a floor and a height to build on, else none. A rule stops such a plan, and what
     * follows is computed for the bare box.
     */
    public static Lining of(Design design, Vessel vessel) {
        Lining all = asDrawn(design);
        return all.fits(vessel) ? all : NONE;
    }

    /** All sheets of a plan, whether they fit or not. */
    public static Lining asDrawn(Design design) {
        return design.vessel()
                .map(VesselPlan::envelope)
                .map(e -> new Lining(
                        inside(e, Envelope.Face.LEFT),
                        inside(e, Envelope.Face.RIGHT),
                        inside(e, Envelope.Face.FRONT),
                        inside(e, Envelope.Face.BACK),
                        inside(e, Envelope.Face.BOTTOM),
                        inside(e, Envelope.Face.LID)))
                .orElse(NONE);
    }

    private static double inside(Envelope envelope, Envelope.Face face) {
        return envelope.insulation().stream()
                .filter(i -> i.face() == face && i.inside().orElse(false))
                .mapToDouble(Envelope.Insulation::thickness)
                .sum();
    }

    public boolean isEmpty() {
        return left + right + front + back + bottom + lid <= 0;
    }

    /** Whether they leave a floor and a height. */
    public boolean fits(Vessel vessel) {
        return Math.min(Math.min(length(vessel), width(vessel)), height(vessel)) >= LEAST;
    }

    /** What is left along the front (m). */
    public double length(Vessel vessel) {
        return vessel.length() - left - right;
    }

    /** What is left from front to back (m). */
    public double width(Vessel vessel) {
        return vessel.width() - front - back;
    }

    /** What is left from the floor to the lid (m). */
    public double height(Vessel vessel) {
        return vessel.height() - bottom - lid;
    }

    /** What is left of the floor. */
    public ConvexPolygon floor(Vessel vessel) {
        if (left + right + front + back <= 0) {
            return vessel.outline();
        }
        Optional<ConvexPolygon> rest = vessel.outline()
                .intersect(ConvexPolygon.rectangle(left, front, vessel.length() - right, vessel.width() - back));
        return rest.orElse(vessel.outline());
    }

    /** Room that they take (m³). */
    public double room(Vessel vessel) {
        return isEmpty() ? 0 : vessel.brim() - floor(vessel).area() * height(vessel);
    }

    /** How far a place stands inside one of the sheets on the walls (m), 0 where it stands free. */
    public double depthAt(Point p, Vessel vessel) {
        double across = Math.max(left - p.x(), p.x() - (vessel.length() - right));
        double deep = Math.max(front - p.y(), p.y() - (vessel.width() - back));
        return Math.max(0, Math.max(held(left, right, across), held(front, back, deep)));
    }

    /** Beside a face without a sheet nothing stands in one, even outside the box. */
    private static double held(double one, double other, double depth) {
        return one + other > 0 ? depth : 0;
    }
}
