package tanah.core.design;

import java.util.List;
import java.util.Optional;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;

/** Moves the wall between land and water along x; what lies against it follows. */
public final class DamMove {
    private static final double TOUCH = 1e-4; // m

    private DamMove() {}

    /**
     * The design with the wall between two new places.
     *
     * @param from left face (m)
     * @param to   right face (m), greater than {@code from}
     */
    public static Design to(Design design, String damId, double from, double to) {
        Optional<Dam> found = design.ground().dams().stream()
                .filter(d -> d.id().equals(damId))
                .findFirst();
        if (found.isEmpty()) {
            return design;
        }
        double left = edge(found.get().region().outline(), false);
        double right = edge(found.get().region().outline(), true);
        Edges edges = new Edges(left, right, from, to);
        List<Dam> dams = design.ground().dams().stream()
                .map(d -> d.id().equals(damId) ? d.at(edges.moved(d.region()), d.top()) : d)
                .toList();
        List<Layer> layers = design.ground().layers().stream()
                .map(l -> l.region().isPresent()
                        ? l.withRegion(Optional.of(edges.moved(l.region().get())))
                        : l)
                .toList();
        return design.withGround(design.ground().withLayers(layers).withDams(dams))
                .withWater(design.water().map(w -> w.withSide(w.sideRegion().map(edges::moved))));
    }

    /** The left or right end of a plan (m). */
    public static double edge(ConvexPolygon plan, boolean right) {
        double end = right ? -Double.MAX_VALUE : Double.MAX_VALUE;
        for (Point p : plan.corners()) {
            end = right ? Math.max(end, p.x()) : Math.min(end, p.x());
        }
        return end;
    }

    /** The two faces before and after. */
    private record Edges(double left, double right, double from, double to) {
        Layer.Region moved(Layer.Region region) {
            List<Point> corners = region.outline().corners().stream()
                    .map(p -> new Point(moved(p.x()), p.y()))
                    .toList();
            return ConvexPolygon.isConvexOutline(corners)
                    ? new Layer.Region(new ConvexPolygon(corners), region.rectangle())
                    : region;
        }

        private double moved(double x) {
            return Math.abs(x - left) < TOUCH ? from : Math.abs(x - right) < TOUCH ? to : x;
        }
    }
}
