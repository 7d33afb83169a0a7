package tanah.web.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import org.springframework.stereotype.Component;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.forecast.Forecast;
import tanah.core.need.ClimatePlace;
import tanah.core.need.Expected;
import tanah.core.need.Extent;
import tanah.core.need.SeasonPhase;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;
import tanah.web.svg.RangeBar;

/** What an animal wants of heat, light and air against what is expected from the coldest to the hottest day. */
@Component
class ClimateBars {
    private static final String THIN = "\u2009";
    private static final DoubleUnaryOperator DEGREES = Numbers::temperature;
    private static final DoubleUnaryOperator PERCENT = share -> 100 * share;

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
                .flatMap(r -> degrees(f, "basking", ClimatePlace.BASKING, r, true))
                .ifPresent(bars::add);
        s.uvIndex().filter(r -> f.light().hasUv()).ifPresent(r -> bars.add(uv(f, r)));
        if (!s.isAquatic()) {
            degrees(f, "warm", ClimatePlace.WARM_AIR, s.warmAir(), true).ifPresent(bars::add);
            degrees(f, "cool", ClimatePlace.COOL_AIR, s.coolAir(), true).ifPresent(bars::add);
            degrees(f, "night", ClimatePlace.WARM_AIR, s.night(), false).ifPresent(bars::add);
        }
        s.water().flatMap(r -> degrees(f, "water", ClimatePlace.WATER, r, true)).ifPresent(bars::add);
        return bars;
    }

    private Optional<LedgerView.Bar> degrees(Forecast f, String key, ClimatePlace spot, Range wanted, boolean day) {
        Optional<Expected> winter = f.expected(spot, SeasonPhase.of(false, day));
        Optional<Expected> summer = f.expected(spot, SeasonPhase.of(true, day));
        if (winter.isEmpty() || summer.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                bar(key, wanted, Extent.of(winter.get(), summer.get()), DEGREES, Numbers.temperatureUnit(), 1));
    }

    private Optional<LedgerView.Bar> humidity(Forecast f, String key, Range wanted, boolean day) {
        Optional<Expected> winter = f.mean(ClimatePlace.HUMIDITY, SeasonPhase.of(false, day));
        Optional<Expected> summer = f.mean(ClimatePlace.HUMIDITY, SeasonPhase.of(true, day));
        if (winter.isEmpty() || summer.isEmpty()) {
            return Optional.empty();
        }
        Extent found = Extent.of(winter.get(), summer.get());
        Extent real = new Extent(Math.min(1, found.low()), Math.min(1, found.high()), found.half());
        return Optional.of(bar(key, wanted, real, PERCENT, "%", 0));
    }

    private LedgerView.Bar uv(Forecast f, Range wanted) {
        Expected e = f.light().restingBand(0);
        return bar("uvi", wanted, Extent.of(e, e), DoubleUnaryOperator.identity(), "", 1);
    }

    private LedgerView.Bar bar(
            String key, Range wanted, Extent found, DoubleUnaryOperator shows, String unit, int digits) {
        double low = shows.applyAsDouble(found.low());
        double high = shows.applyAsDouble(found.high());
        Severity severity = severity(found.against(wanted));
        String verdict = verdict(severity, wanted, found, shows, digits);
        String label = words.of("need." + key);
        String shown = high - low < 0.05
                ? Numbers.fixed(low, digits)
                : Numbers.fixed(low, digits) + "–" + Numbers.fixed(high, digits);
        double least = shows.applyAsDouble(wanted.min());
        double most = shows.applyAsDouble(wanted.max());
        String sentence = words.of(
                "ledger.climate.said",
                label,
                Numbers.upTo(least, 1),
                Numbers.upTo(most, 1),
                unit,
                shown,
                verdict.toLowerCase(Locale.ROOT));
        return new LedgerView.Bar(
                label,
                (shown + THIN + unit).strip(),
                severity,
                RangeBar.spanning(
                                least,
                                most,
                                new RangeBar.Span(low, high, step(shows, found.low(), found.half())),
                                sentence)
                        .draw(),
                verdict,
                "climate." + key);
    }

    /** A difference as it is shown. */
    private static double step(DoubleUnaryOperator shows, double from, double by) {
        return shows.applyAsDouble(from + by) - shows.applyAsDouble(from);
    }

    private static Severity severity(Expected.Standing standing) {
        return switch (standing) {
            case BELOW, ABOVE -> Severity.CAUTION;
            case MAY_BE_BELOW, MAY_BE_ABOVE -> Severity.HINT;
            case WITHIN -> Severity.GOOD;
        };
    }

    private String verdict(Severity severity, Range wanted, Extent found, DoubleUnaryOperator shows, int digits) {
        double past = step(shows, wanted.min(), found.past(wanted));
        if (severity == Severity.CAUTION) {
            boolean below = found.against(wanted) == Expected.Standing.BELOW;
            return words.of("ledger.climate.off", (below ? "−" : "+") + Numbers.fixed(past, Math.max(1, digits)));
        }
        if (severity == Severity.HINT) {
            return words.of("ledger.climate.may", Numbers.fixed(shows.applyAsDouble(found.reach(wanted)), digits));
        }
        return words.of("ledger.by", Numbers.fixed(-past, 1));
    }
}
