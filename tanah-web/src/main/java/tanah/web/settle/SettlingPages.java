package tanah.web.settle;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Range;
import tanah.core.climate.AfterPlanting;
import tanah.core.climate.DayRun;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Severity;
import tanah.core.forecast.Forecast;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;

/** Puts the weeks after planting into words. */
@Component
class SettlingPages {
    private static final String THIN = "\u2009";
    private static final int DAYS = 30;
    private static final List<Integer> SHOWN = List.of(1, 2, 3, 4, 5, 7, 10, 14, 18, 22, 26, 30);

    private final Words words;
    private final Cache<Key, AfterPlanting> known =
            Caffeine.newBuilder().maximumSize(40).build();

    private record Key(Design design, boolean summer) {}

    SettlingPages(Words words) {
        this.words = words;
    }

    /** Empty without a climate. */
    Optional<SettlingView> of(Evaluation e, boolean summer) {
        return e.forecast()
                .map(f -> view(
                        e,
                        f.model().filling().head() > 0,
                        known.get(new Key(e.design(), summer), k -> run(f, summer)),
                        summer));
    }

    private static AfterPlanting run(Forecast f, boolean summer) {
        return DayRun.settling(
                        f.model(), summer ? f.mapped().summer() : f.mapped().winter(), DAYS, () -> false)
                .orElseThrow();
    }

    private SettlingView view(Evaluation e, boolean drains, AfterPlanting s, boolean summer) {
        int settled = s.settled().orElse(DAYS);
        double last = s.means().get(s.means().size() - 1);
        Optional<Range> wanted = e.animals().stream()
                .map(Inhabitant::profile)
                .map(p -> new Range(
                        Math.min(p.humidityDay().min(), p.humidityNight().min()),
                        Math.max(p.humidityDay().max(), p.humidityNight().max())))
                .findFirst();
        boolean in = wanted.map(r -> last >= r.min() && last <= r.max()).orElse(true);
        List<SettlingView.Row> rows = new ArrayList<>();
        for (int day : SHOWN) {
            double mean = Math.min(1, s.means().get(day - 1));
            rows.add(new SettlingView.Row(day, percent(mean), Math.round(100 * mean), day >= settled));
        }
        String sentence = words.of(
                s.isOpen() ? "settle.open" : "settle.settled",
                words.of(summer ? "climate.summer" : "climate.winter"),
                String.valueOf(settled),
                percent(Math.min(1, last)));
        return new SettlingView(
                s.isOpen() ? Severity.HINT : in ? Severity.GOOD : Severity.CAUTION,
                sentence
                        + wanted.filter(r -> !in)
                                .map(r -> " " + words.of("settle.outside", percent(r.min()), percent(r.max())))
                                .orElse(""),
                words.of(drains ? "settle.drained" : "settle.stands", Numbers.volumeWithUnit(s.drained() / 1000)),
                rows);
    }

    private static String percent(double share) {
        return Numbers.upTo(100 * share, 0) + THIN + "%";
    }
}
