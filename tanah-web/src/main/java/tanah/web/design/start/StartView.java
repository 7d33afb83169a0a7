package tanah.web.design.start;

import java.util.List;
import tanah.core.finding.Severity;
import tanah.web.design.edit.NumberRow;
import tanah.web.design.ledger.LedgerView;
import tanah.web.design.notes.NoteView;
import tanah.web.design.stage.StageView;
import tanah.web.need.NeedView;

/** The start sheet: animal, vessel, room. */
record StartView(
        long id,
        int revision,
        String name,
        String latin,
        String savedAt,
        List<StageView> stages,
        List<Match> matches,
        boolean searched,
        Chosen chosen,
        List<Card> cards,
        List<Option> options,
        LedgerView ledger,
        List<NoteView> notes,
        List<NumberRow> answers) {

    /** Whether a vessel of the list lasts for the animal's life. */
    public boolean isAnyForLife() {
        return options.stream().anyMatch(Option::suits);
    }

    /** Whether an animal is chosen for which none does. */
    public boolean isNoneForLife() {
        return chosen.present() && !isAnyForLife();
    }

    /**
     * A species found.
     *
     * @param id
     * @param common name
     * @param latin
     * @param hint in few words
     * @param chosen
     */
    public record Match(String id, String common, String latin, String hint, boolean chosen) {}

    /**
     * The species chosen.
     *
     * @param bars its needs
     * @param lines what to know
     * @param present whether one is chosen
     */
    public record Chosen(
            boolean present,
            String common,
            String latin,
            List<NeedView> bars,
            List<String> lines,
            List<String> cautions) {}

    /** A vessel with what it means. */
    public record Card(
            String id,
            String name,
            String svg,
            long share,
            Severity severity,
            String verdict,
            String reason,
            String inside,
            String mass,
            boolean chosen) {}

    /**
     * A vessel in the list.
     *
     * @param suits whether it lasts for life
     */
    public record Option(String id, String name, boolean suits, boolean chosen) {}
}
