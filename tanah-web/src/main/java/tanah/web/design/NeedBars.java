package tanah.web.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.web.forms.Numbers;
import tanah.web.svg.RangeBar;

/** A species' needs as ranges, each with where it comes from. */
@Component
class NeedBars {
    private static final String THIN = "\u2009";

    List<StartView.Need> of(Species s) {
        List<StartView.Need> bars = new ArrayList<>();
        s.baskingSurface()
                .ifPresent(r -> bars.add(range("Basking surface, day", r, "°C", 10, 60, s, "basking_surface_min_c")));
        bars.add(range("Warm end, day", s.warmAir(), "°C", 5, 45, s, "warm_air_min_c"));
        bars.add(range("Cool end, day", s.coolAir(), "°C", 5, 45, s, "cool_air_min_c"));
        bars.add(range("Night, everywhere", s.night(), "°C", 5, 45, s, "night_min_c"));
        bars.add(range("Never below or above", new Range(s.limitLow(), s.limitHigh()), "°C", -5, 50, s, "limit_low_c"));
        bars.add(range("Humidity, day", s.humidityDay().times(100), "%", 0, 100, s, "rh_day_min_pct"));
        bars.add(range("Humidity, night", s.humidityNight().times(100), "%", 0, 100, s, "rh_night_min_pct"));
        Optional<Range> uv = s.uvIndex();
        uv.ifPresent(r -> bars.add(range("UV index where it rests highest", r, "", 0, 10, s, "uvi_bask_min")));
        s.water().ifPresent(r -> bars.add(range("Water", r, "°C", 5, 40, s, "water_min_c")));
        double least = 100 * s.substrateMin();
        if (least > 0) {
            RangeBar bar = new RangeBar(
                    OptionalDouble.of(least),
                    OptionalDouble.empty(),
                    0,
                    Math.max(40, 200 * s.substratePreferred()),
                    OptionalDouble.empty(),
                    List.of(),
                    "Depth of ground, at least " + Numbers.upTo(least, 1) + " centimetres.");
            bars.add(new StartView.Need(
                    "Depth of ground",
                    "at least " + Numbers.upTo(least, 1) + THIN + "cm",
                    bar.draw(),
                    s.source("substrate_depth_min_cm")));
        }
        return bars;
    }

    private static StartView.Need range(
            String label, Range r, String unit, double from, double to, Species s, String column) {
        String value = Numbers.upTo(r.min(), 1) + "–" + Numbers.upTo(r.max(), 1) + (unit.isEmpty() ? "" : THIN + unit);
        RangeBar bar = new RangeBar(
                OptionalDouble.of(r.min()),
                OptionalDouble.of(r.max()),
                from,
                to,
                OptionalDouble.empty(),
                List.of(),
                label + ", wanted " + Numbers.upTo(r.min(), 1) + " to " + Numbers.upTo(r.max(), 1) + " " + unit);
        return new StartView.Need(label, value, bar.draw(), s.source(column));
    }
}
