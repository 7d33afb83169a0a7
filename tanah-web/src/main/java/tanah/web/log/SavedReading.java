package tanah.web.log;

import java.io.Serializable;
import org.jspecify.annotations.Nullable;
import tanah.core.finding.Severity;

/**
 * What is shown once after a reading was saved. It passes through the session, so it holds plain values.
 *
 * @param place    for people
 * @param value    with its unit
 * @param severity null where nothing is wanted
 * @param verdict  in words
 * @param wanted   in words
 */
public record SavedReading(
        String place, String value, @Nullable Severity severity, String verdict, String wanted)
        implements Serializable {
    static SavedReading of(Judge.Judged judged, String place) {
        return new SavedReading(
                place, judged.value(), judged.severity().orElse(null), judged.verdict(), judged.wanted());
    }
}
