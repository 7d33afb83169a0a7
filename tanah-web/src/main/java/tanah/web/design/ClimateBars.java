package tanah.web.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.forecast.Expected;
import tanah.core.forecast.Forecast;
import tanah.core.forecast.Spot;
import tanah.core.forecast.When;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;
import tanah.web.svg.RangeBar;

/** What an animal wants of heat, light and air against what is expected from the coldest to the hottest day. */
@Component
class ClimateBars {
    private static final String THIN = "\u2009";

    private final Words words;

    ClimateBars(Words words) {
        this.words = words;
    }

    List<LedgerView.Bar> of(Evaluation e, Stage stage) {
        List<LedgerView.Bar> bars = new ArrayList<>();
        Optional<Inhabitant> animal = e.animals().stream().findFirst();
        if (e.forecast().isEmpty() || animal.isEmpty()) {
            return bars;
        }
        Forecast f = e.forecast().get();
        Species s = animal.get().profile();
        if (stage == Stage.AIR) {
            humidity(f, "humidity_day", s.humidityDay(), true).ifPresent(bars::add);
            humidity(f, "humidity_night", s.humidityNight(), false).ifPresent(bars::add);
            return bars;
        }
        s.baskingSurface()
                .flatMap(r -> degrees(f, "basking", Spot.BASKING, r, true))
                .ifPresent(bars::add);
        s.uvIndex().filter(r -> f.light().hasUv()).ifPresent(r -> bars.add(uv(f, r)));
        if (!s.isAquatic()) {
            degrees(f, "warm", Spot.WARM_AIR, s.warmAir(), true).ifPresent(bars::add);
            degrees(f, "cool", Spot.COOL_AIR, s.coolAir(), true).ifPresent(bars::add);
            degrees(f, "night", Spot.WARM_AIR, s.night(), false).ifPresent(bars::add);
        }
        s.water().flatMap(r -> degrees(f, "water", Spot.WATER, r, true)).ifPresent(bars::add);
        return bars;
    }

    private Optional<LedgerView.Bar> degrees(Forecast f, String key, Spot spot, Range wanted, boolean day) {
        Optional<Expected> winter = f.expected(spot, When.of(false, day));
        Optional<Expected> summer = f.expected(spot, When.of(true, day));
        if (winter.isEmpty() || summer.isEmpty()) {
            return Optional.empty();
        }
        double zero = Numbers.temperature(0);
        return Optional.of(bar(
                key,
                new Range(Numbers.temperature(wanted.min()), Numbers.temperature(wanted.max())),
                Numbers.temperature(winter.get().value()),
                Numbers.temperature(summer.get().value()),
                Numbers.temperature(Math.max(winter.get().half(), summer.get().half())) - zero,
                Numbers.temperatureUnit(),
                1));
    }

    private Optional<LedgerView.Bar> humidity(Forecast f, String key, Range wanted, boolean day) {
        Optional<Expected> winter = f.mean(Spot.HUMIDITY, When.of(false, day));
        Optional<Expected> summer = f.mean(Spot.HUMIDITY, When.of(true, day));
        if (winter.isEmpty() || summer.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(bar(
                key,
                wanted.times(100),
                Math.min(100, 100 * winter.get().value()),
                Math.min(100, 100 * summer.get().value()),
                100 * Math.max(winter.get().half(), summer.get().half()),
                "%",
                0));
    }

    private LedgerView.Bar uv(Forecast f, Range wanted) {
        Expected e = f.light().restingBand(0);
        return bar("uvi", wanted, e.value(), e.value(), e.half(), "", 1);
    }

    private LedgerView.Bar bar(String key, Range wanted, double a, double b, double half, String unit, int digits) {
        double low = Math.min(a, b);
        double high = Math.max(a, b);
        double under = wanted.min() - low;
        double over = high - wanted.max();
        Severity severity = under > 1e-9 || over > 1e-9
                ? Severity.CAUTION
                : under + half > 0 || over + half > 0 ? Severity.HINT : Severity.GOOD;
        String verdict = verdict(severity, Math.max(under, over), half, under > over, wanted, digits);
        String label = words.of("need." + key);
        String shown = high - low < 0.05
                ? Numbers.fixed(low, digits)
                : Numbers.fixed(low, digits) + "–" + Numbers.fixed(high, digits);
        String sentence = words.of(
                "ledger.climate.said",
                label,
                Numbers.upTo(wanted.min(), 1),
                Numbers.upTo(wanted.max(), 1),
                unit,
                shown,
                verdict.toLowerCase(Locale.ROOT));
        return new LedgerView.Bar(
                label,
                (shown + THIN + unit).strip(),
                severity,
                RangeBar.spanning(wanted.min(), wanted.max(), new RangeBar.Span(low, high, half), sentence)
                        .draw(),
                verdict);
    }

    private String verdict(Severity severity, double past, double half, boolean below, Range wanted, int digits) {
        if (severity == Severity.CAUTION) {
            return words.of("ledger.climate.off", (below ? "−" : "+") + Numbers.fixed(past, Math.max(1, digits)));
        }
        if (severity == Severity.HINT) {
            double reach = below ? wanted.min() - past - half : wanted.max() + past + half;
            return words.of("ledger.climate.may", Numbers.fixed(reach, digits));
        }
        return words.of("ledger.by", Numbers.fixed(-past, 1));
    }
}
