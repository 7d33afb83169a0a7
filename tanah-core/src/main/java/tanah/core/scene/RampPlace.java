package tanah.core.scene;

import java.util.List;
import java.util.Optional;
import tanah.core.design.Dam;
import tanah.core.design.DamMove;
import tanah.core.design.Design;
import tanah.core.design.Ramp;
import tanah.core.design.WaterPart;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;
import tanah.core.ground.GroundResult;
import tanah.core.vessel.Vessel;

/**
 * Where a ramp is drawn. The plan gives its heights and its length but no place: it rises from the water to the near face
 * of the first wall, or to the right pane where there is none, and lies in the middle of the width beside its fellows.
 *
 * @param id    in the document
 * @param foot  where it begins in the water, along the front (m)
 * @param shore where it ends (m)
 * @param front edge toward the front (m)
 * @param back  edge toward the back (m)
 * @param low   height of its foot (m)
 * @param high  height of its upper end (m)
 */
record RampPlace(String id, double foot, double shore, double front, double back, double low, double high) {
    private static final double BESIDE = 0.01; // m

    static List<RampPlace> of(Design design, Vessel vessel, GroundResult ground) {
        List<Ramp> ramps = design.water().map(WaterPart::ramps).orElse(List.of());
        Optional<Dam> wall = design.ground().walls().stream().findFirst();
        double near = wall.map(d -> DamMove.edge(d.region().outline(), false)).orElse(vessel.length());
        double far = wall.map(d -> DamMove.edge(d.region().outline(), true)).orElse(vessel.length());
        boolean waterLeft = wall.isEmpty() || isWater(ground, near - BESIDE, vessel);
        double all = ramps.stream().mapToDouble(Ramp::width).sum();
        double[] from = {Math.max(0, (vessel.width() - all) / 2)};
        return ramps.stream()
                .map(r -> {
                    double rise = r.top() - r.foot();
                    double run = Math.sqrt(Math.max(0, r.length() * r.length() - rise * rise));
                    double shore = waterLeft ? near : far;
                    double foot = waterLeft ? Math.max(0, shore - run) : Math.min(vessel.length(), shore + run);
                    double front = from[0];
                    from[0] += r.width();
                    double back = Math.min(vessel.width(), front + r.width());
                    return new RampPlace(r.id(), foot, shore, front, back, r.foot(), r.top());
                })
                .toList();
    }

    private static boolean isWater(GroundResult ground, double x, Vessel vessel) {
        double y = vessel.width() / 2;
        return ground.water()
                .map(w -> w.side().contains(x, y) && ground.terrain().surfaceAt(x, y) < w.level())
                .orElse(true);
    }

    /** Seen from the front. */
    Scene.Line line() {
        return new Scene.Line(id, List.of(new Point(foot, low), new Point(shore, high)));
    }

    /** Seen from above; empty where it stands upright. */
    Optional<Scene.Area> area() {
        double left = Math.min(foot, shore);
        double right = Math.max(foot, shore);
        return right - left < 1e-6 || back - front < 1e-6
                ? Optional.empty()
                : Optional.of(new Scene.Area(
                        id,
                        Scene.Texture.WOOD,
                        ConvexPolygon.rectangle(left, front, right, back).corners()));
    }

    /** Seen from the side where the cut passes through it. */
    Optional<Scene.Line> across(double cut) {
        double share = Math.abs(shore - foot) < 1e-9 ? 1 : (cut - foot) / (shore - foot);
        double z = low + share * (high - low);
        return share < 0 || share > 1
                ? Optional.empty()
                : Optional.of(new Scene.Line(id, List.of(new Point(front, z), new Point(back, z))));
    }
}
