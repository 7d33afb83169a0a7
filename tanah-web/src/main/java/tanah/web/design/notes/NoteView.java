package tanah.web.design.notes;

import java.util.List;
import tanah.core.finding.Severity;

/**
 * A finding as it is shown.
 *
 * @param key      identifies it among the notes of this design
 * @param severity shape
 * @param word     of the severity
 * @param letter   of its peg, or empty
 * @param title    a fact
 * @param reason   with numbers
 * @param place    where, for people
 * @param stage    that it belongs to
 * @param remedies in order
 */
public record NoteView(
        String key,
        Severity severity,
        String word,
        String letter,
        String title,
        String reason,
        String place,
        String stage,
        List<RemedyView> remedies) {

    /**
     * A remedy.
     *
     * @param index which of the finding's remedies
     * @param words on the button
     * @param kind  press (one change), go (a link) or hand (words only)
     * @param href  where a link leads
     */
    public record RemedyView(int index, String words, String kind, String href) {}
}
