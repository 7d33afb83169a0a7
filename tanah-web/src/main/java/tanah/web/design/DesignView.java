package tanah.web.design;

import java.util.List;
import java.util.Map;
import tanah.core.finding.Severity;

/**
 * Everything that a stage page shows; ready numbers and words.
 *
 * @param stage word of the open stage
 * @param part  that is selected in it, or empty
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
        List<LayerView> layers,
        List<PartView> parts,
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

    /** Whether there is a water part. */
    public boolean hasWater() {
        return parts.stream().anyMatch(p -> p.id().equals(WaterEdits.BODY));
    }

    /** The two notes that are always seen. */
    public List<NoteView> worst() {
        return notes.subList(0, Math.min(2, notes.size()));
    }
}
