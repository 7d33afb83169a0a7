package tanah.core.planting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import tanah.core.catalogue.PlantModel;
import tanah.core.design.Design;
import tanah.core.plant.Reach;
import tanah.core.plant.RootPlace;

/** Which kinds would live at a place of the plan where nothing is planted, on whatever they can hold to there. */
public final class LivesHere {
    private LivesHere() {}

    /**
     * A kind on what it would hold to there.
     *
     * @param fit how well it would do in the open
     */
    public record Here(RootPlace on, PlantModel kind, PlantFit fit) {
        /** Its score; below nothing by how many things rule it out. */
        double rank() {
            int ruledOut = fit.refused().size() + fit.suitability().refused().size();
            return ruledOut > 0 ? -ruledOut : fit.score().orElse(0);
        }
    }

    /**
     * Every kind of the catalogue there, best first, each on what suits it best; those that would not live come last. Empty outside
     * the box, and under a piece that bears no plant.
     *
     * @param x from the left (m)
     * @param y from the front (m)
     */
    public static List<Here> at(Design design, Planted planted, double x, double y) {
        List<Here> all = new ArrayList<>();
        for (RootPlace on : PlantMedia.at(design, planted.places(), x, y)) {
            planted.candidates(on, x, y, OptionalDouble.empty(), Reach.OPEN).stream()
                    .map(c -> new Here(on, c.kind(), c.fit()))
                    .forEach(all::add);
        }
        all.sort(Comparator.comparingDouble((Here h) -> -h.rank())
                .thenComparing(h -> h.kind().scientificName()));
        Set<String> seen = new HashSet<>();
        return all.stream().filter(h -> seen.add(h.kind().id())).toList();
    }
}
