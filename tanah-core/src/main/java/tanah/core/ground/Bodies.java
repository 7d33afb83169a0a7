package tanah.core.ground;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Plane;

/**
 * Waters that do not touch one another, and islets: dry ground with water all around it.
 *
 * @param waters area of each (m²), largest first
 * @param islets area of each (m²), largest first
 */
public record Bodies(List<Double> waters, List<Double> islets) {
    private static final double LEVEL = 1e-9; // m
    private static final double TOUCH = 1e-6; // m

    public static Bodies of(Terrain terrain, WaterVolumes water, ConvexPolygon floor) {
        List<ConvexPolygon> wet = new ArrayList<>();
        List<ConvexPolygon> dry = new ArrayList<>();
        for (Cell cell : terrain.cells()) {
            Plane depth = Plane.level(water.level() - LEVEL).minus(cell.top());
            Plane over = new Plane(-depth.constant(), -depth.alongX(), -depth.alongY());
            dry.addAll(water.side().beside(cell.plan()));
            for (ConvexPolygon here : water.side().within(cell.plan())) {
                here.where(depth).ifPresent(wet::add);
                here.where(over).ifPresent(dry::add);
            }
        }
        List<List<ConvexPolygon>> islets = Basin.groups(dry).stream()
                .filter(g -> g.stream().noneMatch(p -> p.sharedEdge(floor) > TOUCH))
                .toList();
        return new Bodies(areas(Basin.groups(wet)), areas(islets));
    }

    private static List<Double> areas(List<List<ConvexPolygon>> groups) {
        return groups.stream()
                .map(g -> g.stream().mapToDouble(ConvexPolygon::area).sum())
                .sorted(Comparator.reverseOrder())
                .toList();
    }
}
