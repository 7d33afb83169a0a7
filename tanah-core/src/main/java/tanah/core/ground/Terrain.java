package tanah.core.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.design.Surface;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Plane;

/**
 * The ground as cells. Layers are added from the bottom; a layer fills up to its surface and never cuts into one
 * below. Exact: every volume is a sum of polygon areas times planes at centroids.
 */
public final class Terrain {
    /** Id under which the wall between land and water is stacked. */
    public static final String DAM = "@dam";

    private static final double NOTHING = 1e-12;

    private final List<Cell> cells;
    private final double length;
    private final double width;

    private Terrain(List<Cell> cells, double length, double width) {
        this.cells = List.copyOf(cells);
        this.length = length;
        this.width = width;
    }

    /** The bare floor, at a height over the base (m): 0 without a sheet under it. */
    public static Terrain bare(ConvexPolygon plan, double height, double length, double width) {
        return new Terrain(List.of(new Cell(plan, List.of(), Plane.level(height), false)), length, width);
    }

    /** The same ground made of given cells, such as one with its axes exchanged. */
    public static Terrain of(List<Cell> cells, double length, double width) {
        return new Terrain(cells, length, width);
    }

    /** Inside extent along x (m). */
    public double length() {
        return length;
    }

    /** Inside extent along y (m). */
    public double width() {
        return width;
    }

    public List<Cell> cells() {
        return cells;
    }

    /** The terrain with a dam up to a height, standing on the floor. */
    public Terrain withDam(ConvexPolygon region, double top) {
        return add(DAM, new Surface.Level(top), Optional.of(region), true);
    }

    /** The terrain with one more layer; over a dam nothing is added. */
    public Terrain with(String layer, Surface surface, Optional<ConvexPolygon> region) {
        return add(layer, surface, region, false);
    }

    /** Height of the ground at a place (m); 0 outside the box. */
    public double surfaceAt(double x, double y) {
        double highest = 0;
        for (Cell cell : cells) {
            if (cell.plan().contains(x, y)) {
                highest = Math.max(highest, cell.top().at(x, y));
            }
        }
        return highest;
    }

    private Terrain add(String layer, Surface surface, Optional<ConvexPolygon> region, boolean asDam) {
        List<Cell> next = new ArrayList<>();
        for (Cell cell : cells) {
            if (cell.dam()) {
                next.add(cell);
                continue;
            }
            Optional<ConvexPolygon> inside =
                    region.isEmpty() ? Optional.of(cell.plan()) : cell.plan().intersect(region.get());
            region.ifPresent(r -> cell.plan().subtract(r).forEach(piece -> next.add(cell.cutTo(piece))));
            inside.ifPresent(piece -> fill(cell.cutTo(piece), layer, surface, asDam, next));
        }
        return new Terrain(next, length, width);
    }

    private void fill(Cell cell, String layer, Surface surface, boolean asDam, List<Cell> next) {
        if (surface instanceof Surface.Thickness t) {
            next.add(cell.with(new Slab(layer, cell.top(), cell.top().plus(t.thickness())), asDam));
            return;
        }
        if (surface instanceof Surface.Profile profile) {
            for (Strip strip : Strip.of(profile, length, width)) {
                cell.plan()
                        .intersect(strip.region())
                        .ifPresent(piece -> fillTo(cell.cutTo(piece), layer, strip.surface(), asDam, next));
            }
            return;
        }
        fillTo(cell, layer, plane(surface), asDam, next);
    }

    private Plane plane(Surface surface) {
        if (surface instanceof Surface.Level level) {
            return Plane.level(level.top());
        }
        if (surface instanceof Surface.Slope slope) {
            return new Plane(slope.front(), 0, (slope.back() - slope.front()) / width);
        }
        throw new IllegalStateException("unknown surface " + surface);
    }

    private static void fillTo(Cell cell, String layer, Plane surface, boolean asDam, List<Cell> next) {
        Plane room = surface.minus(cell.top());
        if (room.gradient() < NOTHING) {
            boolean fills = room.at(cell.plan().centroid()) > NOTHING;
            next.add(fills ? cell.with(new Slab(layer, cell.top(), surface), asDam) : cell);
            return;
        }
        Plane above = new Plane(-room.constant(), -room.alongX(), -room.alongY());
        cell.plan()
                .where(room)
                .ifPresent(piece -> next.add(cell.cutTo(piece).with(new Slab(layer, cell.top(), surface), asDam)));
        cell.plan().where(above).ifPresent(piece -> next.add(cell.cutTo(piece)));
    }

    /** A stretch of a profile between two points. */
    private record Strip(ConvexPolygon region, Plane surface) {

        static List<Strip> of(Surface.Profile profile, double length, double width) {
            List<Surface.Node> nodes = profile.nodes();
            boolean alongX = profile.axis() == Surface.Axis.X;
            double end = alongX ? length : width;
            List<Strip> strips = new ArrayList<>();
            Surface.Node first = nodes.get(0);
            Surface.Node last = nodes.get(nodes.size() - 1);
            strip(alongX, length, width, 0, first.along(), first.height(), 0, strips);
            for (int i = 1; i < nodes.size(); i++) {
                Surface.Node a = nodes.get(i - 1);
                Surface.Node b = nodes.get(i);
                double run = b.along() - a.along();
                if (run > 0) {
                    strip(
                            alongX,
                            length,
                            width,
                            a.along(),
                            b.along(),
                            a.height(),
                            (b.height() - a.height()) / run,
                            strips);
                }
            }
            strip(alongX, length, width, last.along(), end, last.height(), 0, strips);
            return strips;
        }

        private static void strip(
                boolean alongX,
                double length,
                double width,
                double from,
                double to,
                double height,
                double gradient,
                List<Strip> strips) {
            double start = Math.max(0, from);
            double stop = Math.min(alongX ? length : width, to);
            if (!(stop - start > NOTHING)) {
                return;
            }
            ConvexPolygon region = alongX
                    ? ConvexPolygon.rectangle(start, 0, stop, width)
                    : ConvexPolygon.rectangle(0, start, length, stop);
            double atZero = height - gradient * from;
            strips.add(new Strip(region, alongX ? new Plane(atZero, gradient, 0) : new Plane(atZero, 0, gradient)));
        }
    }
}
