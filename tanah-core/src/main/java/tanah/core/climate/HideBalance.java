package tanah.core.climate;

import tanah.core.light.Vec;
import tanah.core.physics.MoistAir;

/**
 * The air in a hide: what its damp ground gives against what its opening lets out. A local balance beside the model (derived); air
 * through the opening at 0.02 m/s, 0.005 to 0.05, from memory.
 *
 * @param volume  of its air (m³)
 * @param opening m²
 * @param wet     damp ground in it (m²)
 * @param wetness of that ground, 0 to 1
 */
public record HideBalance(double volume, double opening, double wet, double wetness) {
    private static final double STILL_AIR = 1.5; // W/m² K over damp ground in a hide
    private static final double LEWIS = 0.90;
    private static final double THROUGH = 0.02; // m/s
    private static final double LEAK = 0.5 / 3600; // 1/s

    /** Share of saturation in a hide about a place (m); above 1 where it drips. */
    public double humidity(Places places, Vec at, double pressure) {
        double ground = places.surface(at.x(), at.y());
        double air = places.air(at.x(), at.y(), at.z());
        double gives = STILL_AIR * wet * wetness / (MoistAir.HEAT * LEWIS);
        double leaves = MoistAir.DENSITY * (THROUGH * opening + volume * LEAK);
        double outside = places.vapour(at.x(), at.y(), at.z());
        double inside = (gives * MoistAir.saturated(ground, pressure) + leaves * outside) / (gives + leaves);
        return MoistAir.relative(inside, (ground + air) / 2, pressure);
    }
}
