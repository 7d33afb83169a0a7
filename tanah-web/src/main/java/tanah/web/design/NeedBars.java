package tanah.web.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;
import tanah.web.svg.RangeBar;

/** A species' needs as ranges, each with where it comes from. */
@Component
class NeedBars {
    private static final String THIN = "\u2009";

    private final Words words;

    NeedBars(Words words) {
        this.words = words;
    }

    List<StartView.Need> of(Species s) {
        List<StartView.Need> bars = new ArrayList<>();
        s.baskingSurface().ifPresent(r -> bars.add(degrees("basking", r, 10, 60, s, "basking_surface_min_c")));
        bars.add(degrees("warm", s.warmAir(), 5, 45, s, "warm_air_min_c"));
        bars.add(degrees("cool", s.coolAir(), 5, 45, s, "cool_air_min_c"));
        bars.add(degrees("night", s.night(), 5, 45, s, "night_min_c"));
        bars.add(degrees("limits", new Range(s.limitLow(), s.limitHigh()), -5, 50, s, "limit_low_c"));
        bars.add(range("humidity_day", s.humidityDay().times(100), "%", 0, 100, s, "rh_day_min_pct"));
        bars.add(range("humidity_night", s.humidityNight().times(100), "%", 0, 100, s, "rh_night_min_pct"));
        Optional<Range> uv = s.uvIndex();
        uv.ifPresent(r -> bars.add(range("uvi", r, "", 0, 10, s, "uvi_bask_min")));
        s.water().ifPresent(r -> bars.add(degrees("water", r, 5, 40, s, "water_min_c")));
        double least = Numbers.length(s.substrateMin());
        if (least > 0) {
            RangeBar bar = new RangeBar(
                    OptionalDouble.of(least),
                    OptionalDouble.empty(),
                    0,
                    Math.max(Numbers.length(0.4), 2 * Numbers.length(s.substratePreferred())),
                    OptionalDouble.empty(),
                    List.of(),
                    words.of("need.depth.said", Numbers.upTo(least, 1), Numbers.lengthUnit()));
            bars.add(new StartView.Need(
                    words.of("need.depth"),
                    words.of("at_least", Numbers.upTo(least, 1) + THIN + Numbers.lengthUnit()),
                    bar.draw(),
                    s.source("substrate_depth_min_cm")));
        }
        return bars;
    }

    private StartView.Need degrees(String key, Range r, double from, double to, Species s, String column) {
        Range shown = new Range(Numbers.temperature(r.min()), Numbers.temperature(r.max()));
        return range(
                key, shown, Numbers.temperatureUnit(), Numbers.temperature(from), Numbers.temperature(to), s, column);
    }

    private StartView.Need range(String key, Range r, String unit, double from, double to, Species s, String column) {
        String label = words.of("need." + key);
        String value = Numbers.upTo(r.min(), 1) + "–" + Numbers.upTo(r.max(), 1) + (unit.isEmpty() ? "" : THIN + unit);
        RangeBar bar = new RangeBar(
                OptionalDouble.of(r.min()),
                OptionalDouble.of(r.max()),
                from,
                to,
                OptionalDouble.empty(),
                List.of(),
                words.of("need.said", label, Numbers.upTo(r.min(), 1), Numbers.upTo(r.max(), 1), unit));
        return new StartView.Need(label, value, bar.draw(), s.source(column));
    }
}
