package tanah.core.design;

import java.util.Optional;
import tanah.core.geometry.ConvexPolygon;

/**
 * Backgrounds inside the walls: what they leave of the floor is what soil, water and animal have.
 *
 * @param left  thickness (m)
 * @param right m
 * @param front m
 * @param back  m
 */
public record Lining(double left, double right, double front, double back) {
    public static final Lining NONE = new Lining(0, 0, 0, 0);

    private static final double LEAST = 0.02; // m of floor that has to be left, or the sheets are taken for a mistake

    /** Of a plan. */
    public static Lining of(Design design) {
        return design.vessel()
                .map(VesselPlan::envelope)
                .map(e -> new Lining(
                        inside(e, Envelope.Face.LEFT),
                        inside(e, Envelope.Face.RIGHT),
                        inside(e, Envelope.Face.FRONT),
                        inside(e, Envelope.Face.BACK)))
                .orElse(NONE);
    }

    private static double inside(Envelope envelope, Envelope.Face face) {
        return envelope.insulation().stream()
                .filter(i -> i.face() == face && i.inside().orElse(false))
                .mapToDouble(Envelope.Insulation::thickness)
                .sum();
    }

    public boolean isEmpty() {
        return left + right + front + back <= 0;
    }

    /** What is left of a length along the front (m). */
    public double length(double whole) {
        return fits(whole, left + right) ? whole - left - right : whole;
    }

    /** What is left of a width from front to back (m). */
    public double width(double whole) {
        return fits(whole, front + back) ? whole - front - back : whole;
    }

    private static boolean fits(double whole, double taken) {
        return whole - taken >= LEAST;
    }

    /**
     * What is left of a floor.
     *
     * @param outline of the vessel inside
     * @param length  its extent along the front (m)
     * @param width   its extent from front to back (m)
     */
    public ConvexPolygon floor(ConvexPolygon outline, double length, double width) {
        if (isEmpty() || !fits(length, left + right) || !fits(width, front + back)) {
            return outline;
        }
        Optional<ConvexPolygon> left =
                outline.intersect(ConvexPolygon.rectangle(this.left, front, length - right, width - back));
        return left.orElse(outline);
    }
}
