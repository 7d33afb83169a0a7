package tanah.core.climaterule;

import java.util.Optional;
import tanah.core.climate.Places;
import tanah.core.design.HardscapeItem;
import tanah.core.design.OtherFields;
import tanah.core.design.PieceMove;
import tanah.core.forecast.Forecast;
import tanah.core.physics.MoistAir;
import tanah.core.time.SeasonPhase;

/**
 * The air in a hide: what its damp ground gives against what its opening lets out. A local balance beside the model; air
 * through the opening at 0.02 m/s, 0.005 to 0.05, from memory.
 */
public final class HideAir {
    private static final double STILL_AIR = 1.5; // W/m² K over damp ground in a hide
    private static final double LEWIS = 0.90;
    private static final double THROUGH = 0.02; // m/s
    private static final double LEAK = 0.5 / 3600; // 1/s
    private static final double VOLUME = 0.001; // m³ where none is given: a small hide
    private static final double OPENING = 35e-4; // m²
    private static final double WET = 0.02; // m²
    private static final double WETNESS = 0.8;

    private HideAir() {}

    /** Share of saturation in a hide in a steady case; above 1 where it drips. */
    public static Optional<Double> humidity(Forecast f, HardscapeItem item, SeasonPhase when) {
        return item.hide().map(h -> {
            OtherFields k = h.kept();
            PieceMove.Box box = PieceMove.box(item);
            double x = (box.left() + box.right()) / 2;
            double y = box.front() + box.width() / 2;
            Places p = f.at(when).places();
            double pressure = f.mapped().enclosure().pressure();
            double ground = p.surface(x, y);
            double air = p.air(x, y, item.base() + item.height() / 2);
            double volume = k.number("volume_l").orElse(VOLUME * 1000) / 1000;
            double opening = k.number("opening_cm2").orElse(OPENING * 1e4) / 1e4;
            double wet = k.number("wet_area_cm2").orElse(WET * 1e4) / 1e4;
            double wetness = k.number("wetness").orElse(WETNESS);
            double gives = STILL_AIR * wet * wetness / (MoistAir.HEAT * LEWIS);
            double leaves = MoistAir.DENSITY * (THROUGH * opening + volume * LEAK);
            double outside = p.vapour(x, y, item.base() + item.height() / 2);
            double inside = (gives * MoistAir.saturated(ground, pressure) + leaves * outside) / (gives + leaves);
            return MoistAir.relative(inside, (ground + air) / 2, pressure);
        });
    }
}
