package tanah.core.planting;

import java.util.Optional;
import tanah.core.box.ClimateCase;
import tanah.core.design.Design;
import tanah.core.design.WaterFeature;

/** Where water that runs down a wall drips on what stands under it; distances are common practice. */
final class Drips {
    private static final double FALL = 0.10; // m from the wall of a fall
    private static final double FILM = 0.05; // m from a drip wall
    private static final int UNDER_OUTLET = 3;
    private static final int DAILY = 2;

    private Drips() {}

    /** Class of drips from running water: 0 none, 2 daily drips, 3 under an outlet. */
    static int at(Design design, ClimateCase box, double x, double y) {
        int most = 0;
        for (WaterFeature f : design.water().map(w -> w.features()).orElse(java.util.List.of())) {
            Optional<Double> away = f.face().map(face -> switch (face) {
                case "back" -> box.shell().width() - y;
                case "front" -> y;
                case "left" -> x;
                default -> box.shell().length() - x;
            });
            boolean fall = f.kind() == WaterFeature.Kind.FALL;
            boolean wall = f.kind() == WaterFeature.Kind.DRIP_WALL;
            if (fall && away.filter(d -> d < FALL).isPresent()) {
                most = Math.max(most, UNDER_OUTLET);
            } else if (wall && away.filter(d -> d < FILM).isPresent()) {
                most = Math.max(most, DAILY);
            }
        }
        return most;
    }
}
