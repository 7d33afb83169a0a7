package tanah.web.drill;

import java.util.List;
import tanah.core.finding.Severity;

/**
 * The page of drills.
 *
 * @param choices failures to choose from
 * @param chosen  word of the one that is played, or empty
 * @param title   of it
 * @param chart   of what follows
 * @param courses names of what the chart shows, for its key
 * @param facts   sentences, each with its verdict
 * @param protect what would protect
 * @param cut     to which the room falls without power, as typed or shown
 */
public record DrillView(
        List<Choice> choices,
        String chosen,
        String title,
        String chart,
        List<String> courses,
        List<Fact> facts,
        List<String> protect,
        String cut,
        boolean usesCut) {
    /** A failure to choose. */
    public record Choice(String word, String label) {}

    /** A sentence. */
    public record Fact(Severity verdict, String text) {}
}
