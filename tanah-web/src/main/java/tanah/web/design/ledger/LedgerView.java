package tanah.web.design.ledger;

import java.util.List;
import tanah.core.finding.Severity;
import tanah.web.design.edit.NumberRow;

/**
 * The ledger: the animal, the stand, the bill, the last edits.
 *
 * @param head     of the bars: whose they are
 * @param bars     of the animal, or of the plants
 * @param standNote what the stand carries
 * @param stand    rows
 * @param bill     rows
 * @param edits    newest first
 */
public record LedgerView(
        String head, List<Bar> bars, String standNote, List<NumberRow> stand, List<NumberRow> bill, List<Edit> edits) {

    /**
     * @param label what
     * @param value with unit
     * @param severity verdict
     * @param svg bar
     * @param verdict in words
     * @param figure id of the figure that explains it, or empty
     */
    public record Bar(String label, String value, Severity severity, String svg, String verdict, String figure) {
        public Bar(String label, String value, Severity severity, String svg, String verdict) {
            this(label, value, severity, svg, verdict, "");
        }
    }

    /**
     * @param revision that the edit made
     * @param summary what changed
     * @param time when
     */
    public record Edit(int revision, String summary, String time) {}
}
