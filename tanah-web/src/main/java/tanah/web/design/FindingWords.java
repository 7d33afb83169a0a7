package tanah.web.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.context.MessageSource;
import org.springframework.context.NoSuchMessageException;
import org.springframework.stereotype.Component;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Remedy;
import tanah.core.finding.Severity;
import tanah.web.forms.Numbers;

/** Words for findings and remedies. */
@Component
public class FindingWords {
    private final MessageSource messages;

    FindingWords(MessageSource messages) {
        this.messages = messages;
    }

    public String title(Finding finding) {
        return words(finding, "");
    }

    public String reason(Finding finding) {
        return words(finding, ".why");
    }

    public String remedy(Remedy remedy) {
        return messages.getMessage(
                "remedy." + remedy.key(), arguments(remedy.measures(), remedy.words()), Locale.ENGLISH);
    }

    public String gap(String topic) {
        return messages.getMessage("gap." + topic, null, Locale.ENGLISH);
    }

    /** The wording of the variant, else that of the rule; good findings have their own. */
    private String words(Finding finding, String suffix) {
        String end = (finding.severity() == Severity.GOOD ? ".good" : "") + suffix;
        Object[] arguments = arguments(finding.measures(), finding.words());
        if (!finding.variant().isEmpty()) {
            try {
                return messages.getMessage(
                        "finding." + finding.rule() + "~" + finding.variant() + end, arguments, Locale.ENGLISH);
            } catch (NoSuchMessageException e) {
                return messages.getMessage("finding." + finding.rule() + end, arguments, Locale.ENGLISH);
            }
        }
        return messages.getMessage("finding." + finding.rule() + end, arguments, Locale.ENGLISH);
    }

    private static Object[] arguments(List<Measure> measures, List<String> words) {
        List<Object> arguments = new ArrayList<>();
        measures.forEach(m -> arguments.add(Numbers.of(m)));
        arguments.addAll(words);
        return arguments.toArray();
    }
}
