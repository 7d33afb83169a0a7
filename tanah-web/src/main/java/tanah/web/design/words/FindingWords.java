package tanah.web.design.words;

import java.util.ArrayList;
import java.util.List;
import org.springframework.context.NoSuchMessageException;
import org.springframework.stereotype.Component;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Remedy;
import tanah.core.finding.Severity;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;

/** Words for findings and remedies. */
@Component
public class FindingWords {
    private final Words words;

    FindingWords(Words words) {
        this.words = words;
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
        return words(finding, ".why");
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

    private static Object[] arguments(List<Measure> measures, List<String> names) {
        List<Object> arguments = new ArrayList<>();
        measures.forEach(m -> arguments.add(Numbers.of(m)));
        arguments.addAll(names);
        return arguments.toArray();
    }
}
