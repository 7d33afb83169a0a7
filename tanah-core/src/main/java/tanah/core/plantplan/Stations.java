package tanah.core.plantplan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.ground.PlantFoot;
import tanah.core.plant.RootPlace;
import tanah.core.planting.GrowingPlace;
import tanah.core.planting.Planted;
import tanah.core.vessel.Vessel;

/** The places of a plan that one plant each may take, with their climate. Grids and bands of height are common practice, no source. */
final class Stations {
    private static final double STEP = 0.05; // m
    private static final double WIDE_STEP = 0.08; // m, on large floors
    private static final double WATER_STEP = 0.10; // m
    private static final double LARGE = 0.5; // m² of floor
    private static final double EDGE = 0.03; // m from the panes
    private static final double FRONT = 0.15; // m that plants may be high in the front third of the width
    private static final double MIDDLE = 0.25; // m
    private static final double NEAR_HIDE = 0.12; // m
    private static final double NEAR_DAMP = 0.15; // m
    private static final List<String> BEARS = List.of("wood", "cork", "stone");

    /** A station with what is known of its place. */
    record Known(PlanStation station, GrowingPlace place) {}

    private final Design design;
    private final Vessel vessel;
    private final Planted planted;

    Stations(Design design, Vessel vessel, Planted planted) {
        this.design = design;
        this.vessel = vessel;
        this.planted = planted;
    }

    /** Every place of the grid, on everything that roots hold to. */
    List<Known> all() {
        double step = vessel.floorArea() > LARGE ? WIDE_STEP : STEP;
        List<Known> all = new ArrayList<>();
        grid(step, all, RootPlace.SOIL);
        grid(step, all, RootPlace.MOUNT);
        grid(WATER_STEP, all, RootPlace.UNDERWATER);
        grid(WATER_STEP, all, RootPlace.WATER_SURFACE);
        return all;
    }

    private void grid(double step, List<Known> all, RootPlace on) {
        // the grid lies in the middle of the box, so that a mirrored box has mirrored places
        double x0 = start(vessel.length(), step);
        double y0 = start(vessel.width(), step);
        for (double y = y0; y <= vessel.width() - EDGE + 1e-9; y += step) {
            for (double x = x0; x <= vessel.length() - EDGE + 1e-9; x += step) {
                if (isFree(on, x, y)) {
                    double atX = x;
                    double atY = y;
                    planted.places()
                            .at(on, x, y, OptionalDouble.empty())
                            .ifPresent(p -> all.add(known("s" + all.size(), on, atX, atY, p)));
                }
            }
        }
    }

    private static double start(double size, double step) {
        int steps = (int) Math.floor((size - 2 * EDGE) / step + 1e-9);
        return (size - steps * step) / 2;
    }

    private boolean isFree(RootPlace on, double x, double y) {
        if (on == RootPlace.MOUNT) {
            Optional<HardscapeItem> top = design.hardscape().stream()
                    .filter(h -> PlantFoot.stands(h, x, y))
                    .max(java.util.Comparator.comparingDouble(HardscapeItem::top));
            return top.flatMap(HardscapeItem::kind).filter(BEARS::contains).isPresent();
        }
        return on == RootPlace.WATER_SURFACE
                || !PlantFoot.isCovered(design, x, y, planted.places().groundAt(x, y));
    }

    /** A place as a station. */
    Known known(String id, RootPlace on, double x, double y, GrowingPlace place) {
        double share = y / vessel.width();
        double low = share < 1 / 3.0 ? FRONT : share < 2 / 3.0 ? MIDDLE : vessel.height();
        return new Known(
                new PlanStation(
                        id,
                        on,
                        x,
                        y,
                        place.z(),
                        low,
                        isNear(x, y, NEAR_HIDE, Optional.empty()),
                        isNear(x, y, NEAR_DAMP, Optional.of("humid")),
                        (int) Math.min(2, 3 * x / vessel.length())),
                place);
    }

    private boolean isNear(double x, double y, double distance, Optional<String> kind) {
        return design.hardscape().stream()
                .filter(h -> h.hide().isPresent())
                .filter(h -> kind.isEmpty() || h.hide().get().kind().equals(kind.get()))
                .anyMatch(h -> new ConvexPolygon(h.outline()).distance(x, y) <= distance);
    }

    /** Stations on the ground beside one hide. */
    static List<Integer> beside(HardscapeItem hide, List<Known> all) {
        List<Integer> near = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            PlanStation s = all.get(i).station();
            if (s.isGround() && new ConvexPolygon(hide.outline()).distance(s.x(), s.y()) <= NEAR_HIDE) {
                near.add(i);
            }
        }
        return near;
    }
}
