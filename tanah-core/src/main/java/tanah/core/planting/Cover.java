package tanah.core.planting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.ground.Cell;
import tanah.core.ground.GroundResult;
import tanah.core.ground.PlantFoot;
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
        List<Cell> rooted = ground.terrain().cells().stream()
                .filter(c -> !c.dam() && hasSoil(design, c))
                .toList();
        for (double x = STEP / 2; x < vessel.length(); x += STEP) {
            for (double y = STEP / 2; y < vessel.width(); y += STEP) {
                if (isPlantable(rooted, ground, design, x, y)) {
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

    private static boolean hasSoil(Design design, Cell cell) {
        return cell.slabs().stream()
                .anyMatch(s -> design.ground()
                        .layer(s.layer())
                        .filter(l -> l.is(Layer.Kind.SUBSTRATE))
                        .isPresent());
    }

    private static boolean isPlantable(List<Cell> rooted, GroundResult ground, Design design, double x, double y) {
        for (Cell cell : rooted) {
            if (cell.plan().contains(x, y)) {
                boolean flooded = ground.water()
                        .filter(w -> w.level() > cell.top().at(x, y) && w.side().contains(x, y))
                        .isPresent();
                return !flooded && !PlantFoot.isCovered(design, x, y, cell.top().at(x, y));
            }
        }
        return false;
    }

    /** Area that can be planted (m²). */
    public double area() {
        return ground.size() * STEP * STEP;
    }

    /** Ground within a circle that is not in one of others (m²; others as x, y, radius in m). */
    public double under(double x, double y, double radius, List<double[]> others) {
        long covered = ground.stream()
                .filter(at -> Math.hypot(at[0] - x, at[1] - y) <= radius)
                .filter(at -> others.stream().noneMatch(o -> Math.hypot(at[0] - o[0], at[1] - o[1]) <= o[2]))
                .count();
        return covered * STEP * STEP;
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
