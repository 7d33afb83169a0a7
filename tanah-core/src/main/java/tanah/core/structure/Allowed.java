package tanah.core.structure;

import tanah.core.finding.Severity;

/**
 * What a pane's material may be stressed to.
 *
 * @param working that practice allows (Pa)
 * @param limit   never to pass (Pa)
 */
public record Allowed(double working, double limit) {

    /** Good up to the working stress, a caution up to the limit, a stop beyond. */
    public Severity verdict(double stress) {
        return stress > limit ? Severity.STOP : stress > working ? Severity.CAUTION : Severity.GOOD;
    }
}
