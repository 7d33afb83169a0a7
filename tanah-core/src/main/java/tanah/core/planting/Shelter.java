package tanah.core.planting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import tanah.core.catalogue.PlantModel;
import tanah.core.design.Envelope;
import tanah.core.design.Faces;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Lining;
import tanah.core.design.PieceMove;
import tanah.core.design.VesselPlan;
import tanah.core.ground.Cell;
import tanah.core.plant.RootPlace;

/** What plants and hides give an animal of cover, screen and shade, at three months. Measures are common practice, no source. */
final class Shelter {
    static final double MONTHS = 3;
    private static final double STEP = 0.02; // m
    private static final double NEAR = 0.25; // m from cover
    private static final int GIVES = 2; // of 3, from which on a plant is cover
    private static final double BESIDE = 0.15; // m from a pane, within which a plant or cork screens it
    private static final double GAP = 0.03; // m that does not break a screen
    private static final double DIM = 0.25; // of the open light

    /** A round or square thing that gives cover. */
    private record Thing(double left, double front, double right, double back, double passes, boolean covers) {
        double distance(double x, double y) {
            double dx = Math.max(0, Math.max(left - x, x - right));
            double dy = Math.max(0, Math.max(front - y, y - back));
            return Math.hypot(dx, dy);
        }

        boolean over(double x, double y) {
            return distance(x, y) <= 0;
        }
    }

    private final PlantRuleInput in;
    private final List<double[]> floor;
    private final List<Thing> things;

    Shelter(PlantRuleInput in) {
        this.in = in;
        this.floor = floor(in);
        this.things = new ArrayList<>();
        in.planted().pieces().forEach(p -> plant(p).ifPresent(things::add));
        in.design().hardscape().stream()
                .filter(h -> h.hide().isPresent())
                .map(PieceMove::box)
                .map(b -> new Thing(b.left(), b.front(), b.right(), b.back(), 0, true))
                .forEach(things::add);
    }

    private static List<double[]> floor(PlantRuleInput in) {
        List<double[]> all = new ArrayList<>();
        for (double x = STEP / 2; x < in.vessel().length(); x += STEP) {
            for (double y = STEP / 2; y < in.vessel().width(); y += STEP) {
                if (isLand(in, x, y)) {
                    all.add(new double[] {x, y});
                }
            }
        }
        return all;
    }

    private static boolean isLand(PlantRuleInput in, double x, double y) {
        for (Cell cell : in.ground().terrain().cells()) {
            if (cell.plan().contains(x, y)) {
                return !cell.dam()
                        && in.ground()
                                .water()
                                .filter(w -> w.level() > cell.top().at(x, y)
                                        && w.side().contains(x, y))
                                .isEmpty();
            }
        }
        return false;
    }

    /** As the square of its spread in three months. */
    private static Optional<Thing> plant(Planted.Piece p) {
        if (p.kind().isEmpty() || p.place().isEmpty() || p.piece().medium() == RootPlace.UNDERWATER) {
            return Optional.empty();
        }
        PlantModel kind = p.kind().get();
        double half = p.growth()
                        .map(g -> g.spread(MONTHS))
                        .orElse(p.piece().spread(p.kind()).orElse(0))
                / 2;
        GrowingPlace at = p.place().get();
        boolean covers = kind.cover().hide() >= GIVES || kind.cover().shade() >= GIVES;
        return Optional.of(new Thing(
                at.x() - half,
                at.y() - half,
                at.x() + half,
                at.y() + half,
                kind.cover().passes(),
                covers));
    }

    /** Share of the land that lies near cover. */
    double covered() {
        return share(at -> things.stream().anyMatch(t -> t.covers() && t.distance(at[0], at[1]) <= NEAR));
    }

    /** Share of the land that has little of the open light. */
    double dim() {
        return share(at -> {
            double light = 1;
            for (Thing t : things) {
                light *= t.over(at[0], at[1]) ? t.passes() : 1;
            }
            return light < DIM;
        });
    }

    private double share(Predicate<double[]> which) {
        return floor.isEmpty() ? 0 : floor.stream().filter(which).count() / (double) floor.size();
    }

    /** The longest unbroken screen along the front or the back, as a share of that side. */
    double screened() {
        return Math.max(screened(Envelope.Face.FRONT), screened(Envelope.Face.BACK));
    }

    private double screened(Envelope.Face face) {
        VesselPlan box = in.design().vessel().orElseThrow();
        Lining lining = Lining.asDrawn(in.design());
        boolean lined = (face == Envelope.Face.FRONT ? lining.front() : lining.back()) > 0;
        if (lined || !Faces.material(box, face, in.planted().catalogue()).isClear()) {
            return 1;
        }
        double pane = face == Envelope.Face.FRONT ? 0 : in.vessel().width();
        List<Thing> beside = new ArrayList<>(things);
        in.design().hardscape().stream()
                .filter(h -> h.kind().filter("cork"::equals).isPresent())
                .map(Shelter::box)
                .forEach(beside::add);
        double run = 0;
        double best = 0;
        double end = Double.NEGATIVE_INFINITY;
        double from = 0;
        for (Thing t : beside.stream()
                .filter(t -> t.front() - BESIDE <= pane && t.back() + BESIDE >= pane)
                .sorted(Comparator.comparingDouble(Thing::left))
                .toList()) {
            from = t.left() > end + GAP ? Math.max(0, t.left()) : from;
            end = Math.max(end, t.right());
            run = Math.min(end, in.vessel().length()) - from;
            best = Math.max(best, run);
        }
        return best / in.vessel().length();
    }

    private static Thing box(HardscapeItem item) {
        PieceMove.Box b = PieceMove.box(item);
        return new Thing(b.left(), b.front(), b.right(), b.back(), 0, true);
    }
}
