package tanah.web.shelf;

import java.util.List;
import tanah.web.design.notes.NoteView;
import tanah.web.design.stage.StageView;

/**
 * An enclosure on the shelf.
 *
 * @param id      of the enclosure
 * @param name    of the plan
 * @param latin   animals and their number
 * @param phase   wording key
 * @param svg     drawing
 * @param share   width of the drawing as a share of the widest (%)
 * @param stages  strip of cells
 * @param tally   worst two verdicts in words
 * @param first   the note to look at first, or null
 * @param mass    filled and wet
 * @param mayLog  whether this keeper may take readings
 * @param role    of this keeper in words; empty for the owner
 * @param settled whether the whole day of its climate is in the notes
 */
public record ShelfCard(
        long id,
        String name,
        String latin,
        String phase,
        String svg,
        long share,
        List<StageView> stages,
        List<Tally> tally,
        List<NoteView> first,
        String mass,
        boolean mayLog,
        String role,
        boolean settled) {

    /**
     * @param severity shape
     * @param words such as "1 caution"
     */
    public record Tally(tanah.core.finding.Severity severity, String words) {}
}
