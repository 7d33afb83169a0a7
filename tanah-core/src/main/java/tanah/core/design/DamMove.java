package tanah.core.design;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;

/** Moves a wall between land and water along x or y; what lies against it follows. */
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
        return to(design, damId, Surface.Axis.X, from, to);
    }

    /** The design with the faces of a wall across an axis at two new places (m), the second behind the first. */
    public static Design to(Design design, String damId, Surface.Axis axis, double from, double to) {
        Optional<Dam> found = design.ground().dams().stream()
                .filter(d -> d.id().equals(damId))
                .findFirst();
        if (found.isEmpty()) {
            return design;
        }
        double near = edge(found.get().region().outline(), axis, false);
        double far = edge(found.get().region().outline(), axis, true);
        Edges edges = new Edges(axis, found.get().region().outline(), near, far, from, to);
        List<Dam> dams = design.ground().dams().stream()
                .map(d -> d.at(d.id().equals(damId) ? edges.whole(d.region()) : edges.followed(d.region()), d.top()))
                .toList();
        List<Layer> layers = design.ground().layers().stream()
                .map(l -> l.region().isPresent()
                        ? l.withRegion(Optional.of(edges.followed(l.region().get())))
                        : l)
                .toList();
        return design.withGround(design.ground().withLayers(layers).withDams(dams))
                .withWater(design.water().map(w -> w.withSide(w.sideRegion().map(edges::followed))));
    }

    /** The left or right end of a plan (m). */
    public static double edge(ConvexPolygon plan, boolean right) {
        return edge(plan, Surface.Axis.X, right);
    }

    /** The near or the far end of a plan along an axis (m). */
    public static double edge(ConvexPolygon plan, Surface.Axis axis, boolean far) {
        double end = far ? -Double.MAX_VALUE : Double.MAX_VALUE;
        for (Point p : plan.corners()) {
            double at = axis == Surface.Axis.X ? p.x() : p.y();
            end = far ? Math.max(end, at) : Math.min(end, at);
        }
        return end;
    }

    /** The two faces before and after, and the wall as it stood. */
    private record Edges(Surface.Axis axis, ConvexPolygon wall, double near, double far, double from, double to) {
        /** The wall itself. */
        Layer.Region whole(Layer.Region region) {
            return with(region, at -> Math.abs(at - near) < TOUCH ? from : Math.abs(at - far) < TOUCH ? to : at);
        }

        /** What lies against a face keeps lying against it; what only ends in the same line stays. */
        Layer.Region followed(Layer.Region region) {
            Surface.Axis across = axis == Surface.Axis.X ? Surface.Axis.Y : Surface.Axis.X;
            ConvexPolygon plan = region.outline();
            boolean beside = edge(plan, across, false) < edge(wall, across, true) - TOUCH
                    && edge(plan, across, true) > edge(wall, across, false) + TOUCH;
            if (beside && Math.abs(edge(plan, axis, true) - near) < TOUCH) {
                return with(region, at -> Math.abs(at - near) < TOUCH ? from : at);
            }
            if (beside && Math.abs(edge(plan, axis, false) - far) < TOUCH) {
                return with(region, at -> Math.abs(at - far) < TOUCH ? to : at);
            }
            return region;
        }

        private Layer.Region with(Layer.Region region, DoubleUnaryOperator moved) {
            List<Point> corners = region.outline().corners().stream()
                    .map(p -> axis == Surface.Axis.X
                            ? new Point(moved.applyAsDouble(p.x()), p.y())
                            : new Point(p.x(), moved.applyAsDouble(p.y())))
                    .toList();
            return ConvexPolygon.isConvexOutline(corners)
                    ? new Layer.Region(new ConvexPolygon(corners), region.rectangle())
                    : region;
        }
    }
}
