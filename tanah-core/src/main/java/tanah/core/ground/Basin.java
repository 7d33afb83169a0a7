package tanah.core.ground;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import tanah.core.design.Dam;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.WaterPart;
import tanah.core.geometry.ConvexPolygon;

/**
 * The part of the floor on which the water may stand. Walls that do not seal leave the whole floor to it; one that
 * does keeps it on its side. Where the plan names no side, or several walls seal, the floor falls into the parts between them, and water
 * stands in those that the plan's side covers or, where it names none, in those without dry soil.
 *
 * @param parts convex, not overlapping; without any the whole floor
 */
public record Basin(List<ConvexPolygon> parts) {
    public static final Basin EVERYWHERE = new Basin(List.of());

    private static final double EDGE = 1e-6; // m that two pieces of floor share at least

    public Basin {
        parts = List.copyOf(parts);
    }

    /** The basin of a design; {@code walls} is its floor with the walls and nothing else on it. */
    static Basin of(Design design, Terrain walls) {
        if (!design.ground().isSealed()) {
            return EVERYWHERE;
        }
        Optional<ConvexPolygon> side =
                design.water().flatMap(WaterPart::sideRegion).map(Layer.Region::outline);
        if (side.isPresent()
                && design.ground().dams().stream().filter(Dam::isWall).count() < 2) {
            return new Basin(List.of(side.get()));
        }
        Predicate<List<ConvexPolygon>> wet =
                side.isPresent() ? b -> share(b, side.get()) > 0.5 : b -> !isDryLand(b, design);
        List<ConvexPolygon> parts =
                separate(walls).stream().filter(wet).flatMap(List::stream).toList();
        return parts.isEmpty() ? EVERYWHERE : new Basin(parts);
    }

    /** What of a plan lies in the basin. */
    public List<ConvexPolygon> within(ConvexPolygon plan) {
        if (parts.isEmpty()) {
            return List.of(plan);
        }
        return parts.stream().flatMap(p -> plan.intersect(p).stream()).toList();
    }

    /** What of a plan lies beside the basin. */
    public List<ConvexPolygon> beside(ConvexPolygon plan) {
        List<ConvexPolygon> rest = parts.isEmpty() ? List.of() : List.of(plan);
        for (ConvexPolygon part : parts) {
            rest = rest.stream().flatMap(r -> r.subtract(part).stream()).toList();
        }
        return rest;
    }

    public boolean contains(double x, double y) {
        return parts.isEmpty() || parts.stream().anyMatch(p -> p.contains(x, y));
    }

    /** The floor between the walls: groups of pieces that touch one another. */
    private static List<List<ConvexPolygon>> separate(Terrain walls) {
        List<ConvexPolygon> open = new ArrayList<>(
                walls.cells().stream().filter(c -> !c.dam()).map(Cell::plan).toList());
        return groups(open);
    }

    /** Polygons sorted into groups that hang together by their edges. */
    public static List<List<ConvexPolygon>> groups(List<ConvexPolygon> polygons) {
        List<ConvexPolygon> left = new ArrayList<>(polygons);
        List<List<ConvexPolygon>> groups = new ArrayList<>();
        while (!left.isEmpty()) {
            List<ConvexPolygon> group = new ArrayList<>();
            Deque<ConvexPolygon> next = new ArrayDeque<>(List.of(left.remove(0)));
            while (!next.isEmpty()) {
                ConvexPolygon here = next.pop();
                group.add(here);
                List<ConvexPolygon> beside =
                        left.stream().filter(p -> here.sharedEdge(p) > EDGE).toList();
                left.removeAll(beside);
                next.addAll(beside);
            }
            groups.add(group);
        }
        return groups;
    }

    private static double share(List<ConvexPolygon> basin, ConvexPolygon region) {
        double all = 0;
        double inside = 0;
        for (ConvexPolygon part : basin) {
            all += part.area();
            inside += part.intersect(region).map(ConvexPolygon::area).orElse(0.0);
        }
        return all > 0 ? inside / all : 0;
    }

    private static boolean isDryLand(List<ConvexPolygon> basin, Design design) {
        return design.ground().layers().stream()
                .filter(l ->
                        l.is(Layer.Kind.SUBSTRATE) && !l.options().aquatic().orElse(false))
                .anyMatch(l ->
                        l.region().isEmpty() || share(basin, l.region().get().outline()) > 0.5);
    }
}
