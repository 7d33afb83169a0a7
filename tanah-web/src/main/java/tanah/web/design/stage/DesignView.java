package tanah.web.design.stage;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import tanah.core.finding.Severity;
import tanah.web.design.edit.DesignStage;
import tanah.web.design.edit.PartView;
import tanah.web.design.ledger.LedgerView;
import tanah.web.design.notes.NoteView;
import tanah.web.design.overlay.SheetOptions;

/**
 * Everything that a stage page shows; ready numbers and words.
 *
 * @param stage word of the open stage
 * @param part  that is selected in it, or empty
 * @param template of the fields of the stage
 * @param layers rows of the stage's own kind
 * @param adding how something is added, where the stage can be edited
 */
public record DesignView(
        long id,
        String stage,
        String part,
        String name,
        String latin,
        int revision,
        String savedAt,
        List<StageView> stages,
        String template,
        List<?> layers,
        List<PartView> parts,
        Optional<DesignStage.Adding> adding,
        List<SchoolLine> schools,
        String sheet,
        LedgerView ledger,
        List<NoteView> notes,
        Map<Severity, Long> tally,
        List<String> gaps,
        SheetOptions options,
        String cut,
        String totals,
        boolean mayChange,
        boolean undo,
        boolean redo) {

    /**
     * A choice where practice disagrees.
     *
     * @param id      of the choice
     * @param current way that the plan follows
     * @param ways    how many there are
     */
    public record SchoolLine(String id, String current, int ways) {}

    /** The two notes that are always seen. */
    public List<NoteView> worst() {
        return notes.subList(0, Math.min(2, notes.size()));
    }

    /** Months after planting that plants are drawn at. */
    public long months() {
        return Math.round(options.grownFor());
    }
}
