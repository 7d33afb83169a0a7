package tanah.web.design.ledger;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.DoubleUnaryOperator;
import org.springframework.stereotype.Component;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Range;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.need.Extent;
import tanah.core.need.Need;
import tanah.core.need.Outlook;
import tanah.core.need.Verdict;
import tanah.core.need.Want;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;
import tanah.web.svg.RangeBar;

/** What each animal wants of heat, light and air against what is expected from the coldest to the hottest day. */
@Component
class ClimateBars {
    private static final String THIN = "\u2009";

    private final Words words;

    ClimateBars(Words words) {
        this.words = words;
    }

    /** A quantity as the keeper reads it. */
    private record Scale(DoubleUnaryOperator shows, String unit, int digits) {
        static Scale of(Want want) {
            return switch (want.place().kind()) {
                case TEMPERATURE -> new Scale(Numbers::temperature, Numbers.temperatureUnit(), 1);
                case HUMIDITY -> new Scale(share -> 100 * share, "%", 0);
                case UV_INDEX -> new Scale(DoubleUnaryOperator.identity(), "", 1);
            };
        }

        double at(double value) {
            return shows.applyAsDouble(value);
        }

        /** A difference as it is shown. */
        double step(double by) {
            return at(by) - at(0);
        }
    }

    /** The bars of a stage, animal by animal; with several animals each bar names its own. */
    List<LedgerView.Bar> of(Evaluation e, Stage stage) {
        List<LedgerView.Bar> bars = new ArrayList<>();
        for (Inhabitant animal : e.animals()) {
            for (Need need : Need.of(animal)) {
                if (need.want().stage() == stage) {
                    e.forecast()
                            .flatMap(f -> f.outlook(need))
                            .map(o -> bar(o, e.animals().size() > 1))
                            .ifPresent(bars::add);
                }
            }
        }
        return bars;
    }

    private LedgerView.Bar bar(Outlook o, boolean named) {
        Scale scale = Scale.of(o.need().want());
        Extent found = o.extent();
        Range wanted = o.need().range();
        double low = scale.at(found.low());
        double high = scale.at(found.high());
        String key = o.need().want().word();
        String label = words.of("need." + key) + (named ? " · " + o.need().name() : "");
        String shown = high - low < 0.05
                ? Numbers.fixed(low, scale.digits())
                : Numbers.fixed(low, scale.digits()) + "–" + Numbers.fixed(high, scale.digits());
        String verdict = verdict(o.verdict(), scale);
        double least = scale.at(wanted.min());
        double most = scale.at(wanted.max());
        String sentence = words.of(
                "ledger.climate.said",
                label,
                Numbers.upTo(least, 1),
                Numbers.upTo(most, 1),
                scale.unit(),
                shown,
                verdict.toLowerCase(Locale.ROOT));
        RangeBar.Span span = new RangeBar.Span(low, high, scale.at(found.bottom()), scale.at(found.top()));
        return new LedgerView.Bar(
                label,
                (shown + THIN + scale.unit()).strip(),
                o.verdict().severity(),
                RangeBar.spanning(least, most, span, sentence).draw(),
                verdict,
                "climate." + key);
    }

    private String verdict(Verdict v, Scale scale) {
        double margin = scale.step(v.margin());
        if (v.severity() == Severity.CAUTION) {
            String sign = v.standing().isLow() ? "−" : "+";
            return words.of("ledger.climate.off", sign + Numbers.fixed(-margin, Math.max(1, scale.digits())));
        }
        if (v.severity() == Severity.HINT) {
            return words.of("ledger.climate.may", Numbers.fixed(scale.at(v.reach()), scale.digits()));
        }
        return words.of("ledger.by", Numbers.fixed(margin, 1));
    }
}
