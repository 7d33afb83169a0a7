package tanah.core.need;

import java.util.Optional;
import tanah.core.catalogue.Range;
import tanah.core.finding.Severity;

/**
 * How a need stands, the same for a note, a bar, a search and a reading.
 *
 * @param severity stop past a hard limit; caution outside the wanted range; hint where only the band or the instrument reaches
 *     outside; good inside
 * @param standing on which side
 * @param margin   distance to the nearer end of the range: positive inside, negative outside (K, share or UV index)
 * @param reach    the value at which the band ends on the worse side
 */
public record Verdict(Severity severity, Standing standing, double margin, double reach) {
    private static final double ROUND_OFF = 1e-9;

    /** Where a number stands against a range. */
    public enum Standing {
        BELOW,
        MAY_BE_BELOW,
        WITHIN,
        MAY_BE_ABOVE,
        ABOVE;

        public boolean isLow() {
            return this == BELOW || this == MAY_BE_BELOW;
        }
    }

    /** Of what is expected; the end that is further out counts. */
    public static Verdict of(Range wanted, Extent expected) {
        double under = wanted.min() - expected.low();
        double over = expected.high() - wanted.max();
        boolean down = under > over;
        double past = Math.max(under, over);
        double reach = down ? expected.bottom() : expected.top();
        if (past > ROUND_OFF) {
            return new Verdict(Severity.CAUTION, down ? Standing.BELOW : Standing.ABOVE, -past, reach);
        }
        double maybeUnder = wanted.min() - expected.bottom();
        double maybeOver = expected.top() - wanted.max();
        if (Math.max(maybeUnder, maybeOver) > ROUND_OFF) {
            boolean low = maybeUnder > maybeOver;
            return new Verdict(
                    Severity.HINT,
                    low ? Standing.MAY_BE_BELOW : Standing.MAY_BE_ABOVE,
                    -past,
                    low ? expected.bottom() : expected.top());
        }
        return new Verdict(Severity.GOOD, Standing.WITHIN, -past, reach);
    }

    /**
     * Of a reading.
     *
     * @param limits hard limits of temperatures, if any hold there
     * @param band   what the instrument may be off
     */
    public static Verdict ofReading(double value, Range wanted, Optional<Range> limits, double band) {
        double margin = Math.min(value - wanted.min(), wanted.max() - value);
        Standing side = value - wanted.min() < wanted.max() - value ? Standing.BELOW : Standing.ABOVE;
        Optional<Verdict> past = ofLimits(value, limits);
        if (past.isPresent()) {
            return new Verdict(
                    Severity.STOP,
                    past.get().standing(),
                    Math.min(margin, past.get().margin()),
                    value);
        }
        if (margin >= -ROUND_OFF) {
            return new Verdict(Severity.GOOD, Standing.WITHIN, Math.max(0, margin), value);
        }
        return new Verdict(margin >= -band - ROUND_OFF ? Severity.HINT : Severity.CAUTION, side, margin, value);
    }

    /** Of a reading where nothing but the hard limits holds; empty within them. */
    public static Optional<Verdict> ofLimits(double value, Optional<Range> limits) {
        return limits.filter(l -> value <= l.min() || value >= l.max())
                .map(l -> new Verdict(
                        Severity.STOP,
                        value <= l.min() ? Standing.BELOW : Standing.ABOVE,
                        -Math.max(l.min() - value, value - l.max()),
                        value));
    }

    /** The same, held back to a hint: met now, but not for as long as it is wanted. */
    public Verdict butLater(Standing side) {
        return new Verdict(
                severity == Severity.GOOD ? Severity.HINT : severity,
                severity == Severity.GOOD ? side : standing,
                margin,
                reach);
    }

    /** How much worse than another: by severity, then by the margin. */
    public boolean isWorseThan(Verdict other) {
        int rank = severity.compareTo(other.severity);
        return rank < 0 || rank == 0 && margin < other.margin;
    }
}
