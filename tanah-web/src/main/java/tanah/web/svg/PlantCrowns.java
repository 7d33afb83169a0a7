package tanah.web.svg;

import java.util.Optional;
import tanah.core.plant.GrowthForm;

/** Outlines of plants from above: leaves all round, or a cushion. In pixels; the middle at 0, 0. */
final class PlantCrowns extends PlantStrokes {
    private final double half;

    private PlantCrowns(double half, int seed) {
        super(seed);
        this.half = half;
    }

    /** @param half of its spread (px) */
    static String above(Optional<GrowthForm> form, double half, int seed) {
        PlantCrowns f = new PlantCrowns(half, seed);
        if (form.isEmpty() || isCushion(form.get())) {
            f.cushion();
        } else {
            int count = switch (form.get()) {
                case FERN, GRASS, AIR_PLANT, PALM -> 14;
                case BROMELIAD, ROSETTE, SUCCULENT, AQUATIC_ROSETTE -> 11;
                default -> 9;
            };
            double wide = switch (form.get()) {
                case GRASS, AIR_PLANT -> 0.07;
                case FERN, PALM -> 0.14;
                case BROMELIAD, ROSETTE, AQUATIC_ROSETTE -> 0.2;
                default -> 0.34;
            };
            for (int i = 0; i < count; i++) {
                double angle = i * TURN;
                double out = half * (0.72 + 0.28 * f.next());
                f.leaf(0, 0, out * Math.cos(angle), out * Math.sin(angle), wide);
            }
        }
        return f.leaves();
    }

    private static boolean isCushion(GrowthForm form) {
        return switch (form) {
            case MOSS, LIVERWORT, CACTUS, CREEPER -> true;
            default -> false;
        };
    }

    private void cushion() {
        int bumps = 11;
        for (int i = 0; i <= bumps; i++) {
            double angle = 2 * Math.PI * i / bumps;
            double middle = angle - Math.PI / bumps;
            double x = 0.9 * half * Math.cos(angle);
            double y = 0.9 * half * Math.sin(angle);
            if (i == 0) {
                leaves.append('M').append(at(x, y));
            } else {
                leaves.append('Q')
                        .append(at(1.12 * half * Math.cos(middle), 1.12 * half * Math.sin(middle)))
                        .append(' ')
                        .append(at(x, y));
            }
        }
        leaves.append('Z');
    }
}
