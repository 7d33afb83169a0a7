package tanah.web.design.words;

import java.util.List;
import tanah.core.finding.Severity;

/** A finding in the words of its rule, outside the drawing: what to do is said, not offered as a button. */
public record PlainNote(Severity severity, String title, String reason, List<String> remedies) {
    public PlainNote {
        remedies = List.copyOf(remedies);
    }
}
