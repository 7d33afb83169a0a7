package tanah.core.climaterule;

import java.util.Optional;
import tanah.core.climate.HideBalance;
import tanah.core.design.HardscapeItem;
import tanah.core.design.OtherFields;
import tanah.core.design.PieceMove;
import tanah.core.forecast.Forecast;
import tanah.core.light.Vec;
import tanah.core.time.SeasonPhase;

/** The air in a hide of a plan, with what is usual where the plan says nothing. */
public final class HideAir {
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
            Vec middle = new Vec(
                    (box.left() + box.right()) / 2, box.front() + box.width() / 2, item.base() + item.height() / 2);
            HideBalance hide = new HideBalance(
                    k.number("volume_l").orElse(VOLUME * 1000) / 1000,
                    k.number("opening_cm2").orElse(OPENING * 1e4) / 1e4,
                    k.number("wet_area_cm2").orElse(WET * 1e4) / 1e4,
                    k.number("wetness").orElse(WETNESS));
            return hide.humidity(
                    f.at(when).places(), middle, f.mapped().enclosure().pressure());
        });
    }
}
