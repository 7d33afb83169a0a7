package tanah.core.planting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.ground.Cell;
import tanah.core.ground.GroundResult;
import tanah.core.plant.Growth;
import tanah.core.plant.RootPlace;
import tanah.core.vessel.Vessel;

/**
 * How much of the ground plants cover: the union of their discs over the places of a grid of one centimetre that have soil, no water and
 * no piece over them. What grows on wood, cork or walls covers none.
 */
public final class Cover {
    private static final double STEP = 0.01; // m

    /** A plant as a disc that grows. */
    private record Disc(double x, double y, Optional<Growth> growth, double now) {
        double radius(double months) {
            return growth.map(g -> g.spread(months)).orElse(now) / 2;
        }
    }

    private final List<double[]> ground;
    private final List<Disc> discs;

    private Cover(List<double[]> ground, List<Disc> discs) {
        this.ground = ground;
        this.discs = discs;
    }

    public static Cover of(Design design, Vessel vessel, GroundResult ground, Planted planted) {
        List<double[]> soil = new ArrayList<>();
        List<ConvexPolygon> pieces = design.hardscape().stream()
                .map(h -> new ConvexPolygon(h.outline()))
                .toList();
        for (double x = STEP / 2; x < vessel.length(); x += STEP) {
            for (double y = STEP / 2; y < vessel.width(); y += STEP) {
                if (isPlantable(design, ground, pieces, x, y)) {
                    soil.add(new double[] {x, y});
                }
            }
        }
        List<Disc> discs = planted.pieces().stream()
                .filter(p -> p.piece().medium() == RootPlace.SOIL && p.place().isPresent())
                .map(p -> new Disc(
                        p.place().orElseThrow().x(),
                        p.place().orElseThrow().y(),
                        p.growth(),
                        p.piece().spread(p.kind()).orElse(0)))
                .toList();
        return new Cover(soil, discs);
    }

    private static boolean isPlantable(
            Design design, GroundResult ground, List<ConvexPolygon> pieces, double x, double y) {
        boolean flooded = ground.water()
                .filter(w ->
                        w.side().contains(x, y) && w.level() > ground.terrain().surfaceAt(x, y))
                .isPresent();
        if (flooded || pieces.stream().anyMatch(p -> p.contains(x, y))) {
            return false;
        }
        for (Cell cell : ground.terrain().cells()) {
            if (cell.plan().contains(x, y) && !cell.dam()) {
                return cell.slabs().stream()
                        .anyMatch(s -> design.ground()
                                .layer(s.layer())
                                .filter(l -> l.is(Layer.Kind.SUBSTRATE))
                                .isPresent());
            }
        }
        return false;
    }

    /** Area that can be planted (m²). */
    public double area() {
        return ground.size() * STEP * STEP;
    }

    /** Share of it that is covered after some months; empty where nothing can be planted. */
    public OptionalDouble share(double months) {
        if (ground.isEmpty()) {
            return OptionalDouble.empty();
        }
        double[] radii = discs.stream().mapToDouble(d -> d.radius(months)).toArray();
        long covered = ground.stream()
                .filter(at -> {
                    for (int i = 0; i < radii.length; i++) {
                        Disc d = discs.get(i);
                        if (Math.hypot(at[0] - d.x(), at[1] - d.y()) <= radii[i]) {
                            return true;
                        }
                    }
                    return false;
                })
                .count();
        return OptionalDouble.of(covered / (double) ground.size());
    }
}
