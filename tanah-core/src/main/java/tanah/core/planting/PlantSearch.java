package tanah.core.planting;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import tanah.core.catalogue.PlantModel;
import tanah.core.design.Design;
import tanah.core.design.PlantPiece;
import tanah.core.geometry.Point;
import tanah.core.plant.RootPlace;
import tanah.core.vessel.Vessel;

/** Looks for the place in a plan at which a kind does best: every free place of a grid, on everything that its roots take. */
public final class PlantSearch {
    private static final double STEP = 0.06; // m
    private static final double EDGE = 0.03; // m from the panes
    private static final double SMOTHERS =
            0.7; // of the two radii after a year, nearer than which one covers the other; common practice

    private final Design design;
    private final Vessel vessel;
    private final Planted planted;

    public PlantSearch(Design design, Vessel vessel, Planted planted) {
        this.design = design;
        this.vessel = vessel;
        this.planted = planted;
    }

    /** Its score; below nothing by how many things rule it out, so that the least bad place is found where none is good. */
    private static double rank(PlantFit fit) {
        int ruledOut = fit.refused().size() + fit.suitability().refused().size();
        return ruledOut > 0 ? -ruledOut : fit.score().orElse(0);
    }

    /** Where a plant would stand, and how well; below nothing where it would not live. */
    public record Found(RootPlace on, double x, double y, double score) {}

    /**
     * The best free place, or the least bad one; empty where nothing is free.
     *
     * @param except a plant that is to be moved, so that it is not in its own way
     */
    public Optional<Found> best(PlantModel kind, Optional<String> except) {
        List<PlantPiece> others = design.plants().stream()
                .filter(p -> except.filter(p.id()::equals).isEmpty())
                .toList();
        return grid().flatMap(at -> at(kind, at, others))
                .max(Comparator.comparingDouble(Found::score)
                        .thenComparing(Comparator.comparingDouble(Found::y))
                        .thenComparing(Comparator.comparingDouble(f -> -f.x())));
    }

    private Stream<Point> grid() {
        int columns = (int) Math.max(1, (vessel.length() - 2 * EDGE) / STEP + 1);
        int rows = (int) Math.max(1, (vessel.width() - 2 * EDGE) / STEP + 1);
        return Stream.iterate(0, i -> i < columns * rows, i -> i + 1)
                .map(i -> new Point(EDGE + i % columns * STEP, EDGE + i / columns * STEP));
    }

    private Stream<Found> at(PlantModel kind, Point at, List<PlantPiece> others) {
        if (isTaken(kind, at, others)) {
            return Stream.empty();
        }
        Stream<RootPlace> media = PlantMedia.at(design, planted.places(), at.x(), at.y()).stream();
        return media.filter(m -> kind.needs()
                        .roots()
                        .habit()
                        .allows(
                                m,
                                kind.needs().positions(),
                                kind.needs().roots().onMoss()))
                .flatMap(m -> planted.fit(kind, m, at.x(), at.y(), OptionalDouble.empty()).stream()
                        .map(f -> new Found(m, at.x(), at.y(), rank(f))));
    }

    private boolean isTaken(PlantModel kind, Point at, List<PlantPiece> others) {
        double own = kind.needs().spread().year() / 2;
        return others.stream()
                .filter(p -> p.x().isPresent() && p.y().isPresent())
                .anyMatch(p -> {
                    double radius = planted.spreadInAYear(p) / 2;
                    double away = Math.hypot(p.x().getAsDouble() - at.x(), p.y().getAsDouble() - at.y());
                    return away < SMOTHERS * (own + radius);
                });
    }
}
