package tanah.web.design;

import java.util.List;
import java.util.Map;
import tanah.core.finding.Severity;

/** Everything that a stage page shows; ready numbers and words. */
public record DesignView(
        long id,
        String name,
        String latin,
        int revision,
        String savedAt,
        List<StageView> stages,
        List<LayerView> layers,
        String school,
        String sheet,
        LedgerView ledger,
        List<NoteView> notes,
        Map<Severity, Long> tally,
        List<String> gaps,
        SheetOptions options,
        double cut,
        String totals) {

    /** The two notes that are always seen. */
    public List<NoteView> worst() {
        return notes.subList(0, Math.min(2, notes.size()));
    }
}
