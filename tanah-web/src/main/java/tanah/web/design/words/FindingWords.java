package tanah.web.design.words;

import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import org.springframework.context.NoSuchMessageException;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.stereotype.Component;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Remedy;
import tanah.core.finding.Severity;
import tanah.core.units.Unit;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;

/** Words for findings and remedies. */
@Component
public class FindingWords {
    private static final double DAYS_OF_MONTH = 30.44;

    private final Words words;
    private final Clock clock;

    FindingWords(Words words, Clock clock) {
        this.words = words;
        this.clock = clock;
    }

    /** A finding with what may be done about it, all as words. */
    public PlainNote plain(Finding finding) {
        return new PlainNote(
                finding.severity(),
                title(finding),
                reason(finding),
                finding.remedies().stream().map(this::remedy).toList());
    }

    public String title(Finding finding) {
        return words(finding, "");
    }

    public String reason(Finding finding) {
        return words(finding, ".why") + ahead(finding);
    }

    /** What comes in so many months, as dates. */
    private String ahead(Finding finding) {
        List<Measure> ahead = finding.measures().stream()
                .filter(m -> m.unit() == Unit.MONTH_AHEAD)
                .toList();
        return ahead.size() < 2
                ? ""
                : " "
                        + words.of(
                                "finding.ahead",
                                month(ahead.get(1).value()),
                                month(ahead.get(0).value()));
    }

    /** Month and year that lie so many months ahead. */
    private String month(double months) {
        LocalDate then = LocalDate.now(clock).plusDays(Math.round(months * DAYS_OF_MONTH));
        return DateTimeFormatter.ofPattern("MMMM yyyy", LocaleContextHolder.getLocale())
                .format(then);
    }

    public String remedy(Remedy remedy) {
        return words.of("remedy." + remedy.key(), arguments(remedy.measures(), remedy.words()));
    }

    public String gap(String topic) {
        return words.of("gap." + topic);
    }

    /** The wording of the variant, else that of the rule; good findings have their own. */
    private String words(Finding finding, String suffix) {
        String end = (finding.severity() == Severity.GOOD ? ".good" : "") + suffix;
        Object[] arguments = arguments(finding.measures(), finding.words());
        if (!finding.variant().isEmpty()) {
            try {
                return words.of("finding." + finding.rule() + "~" + finding.variant() + end, arguments);
            } catch (NoSuchMessageException e) {
                return words.of("finding." + finding.rule() + end, arguments);
            }
        }
        return words.of("finding." + finding.rule() + end, arguments);
    }

    private Object[] arguments(List<Measure> measures, List<String> names) {
        List<Object> arguments = new ArrayList<>();
        measures.forEach(m -> arguments.add(Numbers.of(m)));
        // what a catalogue names by a word of its own is said in the keeper's language
        names.forEach(n -> arguments.add(words.or("choice." + n, n)));
        return arguments.toArray();
    }
}
