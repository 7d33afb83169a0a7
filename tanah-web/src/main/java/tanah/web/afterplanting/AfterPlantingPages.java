package tanah.web.afterplanting;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Range;
import tanah.core.climate.AfterPlanting;
import tanah.core.climate.DayRun;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Severity;
import tanah.core.forecast.ClimateKey;
import tanah.core.forecast.Forecast;
import tanah.core.need.Need;
import tanah.core.need.Verdict;
import tanah.core.time.Season;
import tanah.web.evaluate.Evaluations;
import tanah.web.forms.Numbers;
import tanah.web.shell.BusyException;
import tanah.web.shell.Words;

/** Puts the weeks after planting into words. */
@Component
class AfterPlantingPages {
    private static final String THIN = "\u2009";
    private static final int DAYS = 30;
    private static final List<Integer> SHOWN = List.of(1, 2, 3, 4, 5, 7, 10, 14, 18, 22, 26, 30);

    private final Words words;
    private final Evaluations evaluations;
    private final Cache<Key, AfterPlanting> known =
            Caffeine.newBuilder().maximumSize(40).build();

    /** The weeks after planting hang on the climate alone. */
    private record Key(ClimateKey climate, Season season) {}

    AfterPlantingPages(Evaluations evaluations, Words words) {
        this.evaluations = evaluations;
        this.words = words;
    }

    /** Empty without a climate. */
    Optional<AfterPlantingView> of(Evaluation e, Season season) {
        return e.forecast().map(f -> view(e, f.model().filling().head() > 0, days(f, season), season));
    }

    private AfterPlanting days(Forecast f, Season season) {
        Key key = new Key(f.key(), season);
        AfterPlanting made = known.getIfPresent(key);
        if (made != null) {
            return made;
        }
        AfterPlanting now = evaluations
                .behind(key, stop -> DayRun.settling(f.model(), f.mapped().room(season), DAYS, stop))
                .flatMap(days -> days)
                .orElseThrow(() -> new BusyException("weeks after planting"));
        known.put(key, now);
        return now;
    }

    private AfterPlantingView view(Evaluation e, boolean drains, AfterPlanting s, Season season) {
        int settled = s.settled().orElse(DAYS);
        double last = s.means().get(s.means().size() - 1);
        // the mean of a day lies between what is wanted by day and by night
        Optional<Range> wanted = Need.ofAll(e.animals()).stream()
                .filter(n -> n.want().isHumidity())
                .map(Need::range)
                .reduce(Range::union);
        boolean in = wanted.map(r -> Verdict.ofReading(last, r, Optional.empty(), 0))
                .filter(v -> v.severity() != Severity.GOOD)
                .isEmpty();
        List<AfterPlantingView.Row> rows = new ArrayList<>();
        for (int day : SHOWN) {
            double mean = Math.min(1, s.means().get(day - 1));
            rows.add(new AfterPlantingView.Row(day, percent(mean), Math.round(100 * mean), day >= settled));
        }
        String sentence = words.of(
                s.isOpen() ? "settle.open" : "settle.settled",
                words.of("climate." + season.word()),
                String.valueOf(settled),
                percent(Math.min(1, last)));
        return new AfterPlantingView(
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
