package tanah.web.need;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.core.need.Want;
import tanah.core.units.Unit;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;
import tanah.web.svg.RangeBar;

/** A species' needs as ranges, each with where it comes from. */
@Component
public class NeedBars {
    private static final String THIN = "\u2009";

    private final Words words;

    NeedBars(Words words) {
        this.words = words;
    }

    /** Where the bar of each quantity begins and ends (°C, shares, UV index). */
    private static Range ends(Want want) {
        return switch (want) {
            case BASKING -> new Range(10, 60);
            case UV -> new Range(0, 10);
            case WATER -> new Range(5, 40);
            case HUMIDITY_DAY, HUMIDITY_NIGHT -> new Range(0, 1);
            case WARM, COOL, NIGHT -> new Range(5, 45);
        };
    }

    /** All bars of a species. */
    public List<NeedView> of(Species s) {
        List<NeedView> bars = new ArrayList<>();
        for (Want want : Want.values()) {
            want.of(s).ifPresent(r -> bars.add(range(want.word(), want.unit(), r, ends(want), s, want.lowColumn())));
            if (want == Want.NIGHT) {
                Range limits = new Range(s.limitLow(), s.limitHigh());
                bars.add(range("limits", Unit.CELSIUS, limits, new Range(-5, 50), s, "limit_low_c"));
            }
        }
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
            bars.add(new NeedView(
                    words.of("need.depth"),
                    words.of("at_least", Numbers.upTo(least, 1) + THIN + Numbers.lengthUnit()),
                    bar.draw(),
                    s.source("substrate_depth_min_cm")));
        }
        return bars;
    }

    private NeedView range(String key, Unit unit, Range wanted, Range ends, Species s, String column) {
        Range r = shown(unit, wanted);
        Range axis = shown(unit, ends);
        String symbol = unit == Unit.CELSIUS ? Numbers.temperatureUnit() : unit.symbol();
        String label = words.of("need." + key);
        String value =
                Numbers.upTo(r.min(), 1) + "–" + Numbers.upTo(r.max(), 1) + (symbol.isEmpty() ? "" : THIN + symbol);
        RangeBar bar = new RangeBar(
                OptionalDouble.of(r.min()),
                OptionalDouble.of(r.max()),
                axis.min(),
                axis.max(),
                OptionalDouble.empty(),
                List.of(),
                words.of("need.said", label, Numbers.upTo(r.min(), 1), Numbers.upTo(r.max(), 1), symbol));
        return new NeedView(label, value, bar.draw(), s.source(column));
    }

    private static Range shown(Unit unit, Range r) {
        return unit == Unit.CELSIUS
                ? new Range(Numbers.temperature(r.min()), Numbers.temperature(r.max()))
                : new Range(unit.fromSi(r.min()), unit.fromSi(r.max()));
    }
}
