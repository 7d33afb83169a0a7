package tanah.core.plantplan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import tanah.core.planting.Cover;

/** Ground that a plant of a kind covers at a station: what lies under water, panes or pieces is none, and what a kept plant covers counts once. */
final class GroundUnder {
    private record Circle(int station, double radius) {}

    private final Cover cover;
    private final List<PlanKind> kinds;
    private final List<Stations.Known> stations;
    private final Map<Integer, Integer> fixed;
    private final Map<Circle, Double> known = new HashMap<>();

    GroundUnder(Cover cover, List<PlanKind> kinds, List<Stations.Known> stations, Map<Integer, Integer> fixed) {
        this.cover = cover;
        this.kinds = kinds;
        this.stations = stations;
        this.fixed = new TreeMap<>(fixed);
    }

    /** A young piece (m²). */
    double start(int kind, int station) {
        return area(station, kinds.get(kind).start() / 2, true);
    }

    /** After a year (m²). */
    double year(int kind, int station) {
        return area(station, kinds.get(kind).year() / 2, false);
    }

    private double area(int station, double radius, boolean young) {
        PlanStation at = stations.get(station).station();
        if (!at.isGround()) {
            return 0;
        }
        if (young && fixed.containsKey(station)) {
            return cover.under(at.x(), at.y(), radius, before(station));
        }
        return known.computeIfAbsent(new Circle(station, radius), c -> cover.under(at.x(), at.y(), radius, List.of()));
    }

    /** Circles of the kept plants that were counted already. */
    private List<double[]> before(int station) {
        List<double[]> circles = new ArrayList<>();
        fixed.forEach((other, kind) -> {
            PlanStation s = stations.get(other).station();
            if (other < station && s.isGround()) {
                circles.add(new double[] {s.x(), s.y(), kinds.get(kind).start() / 2});
            }
        });
        return circles;
    }
}
