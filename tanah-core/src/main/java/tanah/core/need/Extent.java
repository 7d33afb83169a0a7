package tanah.core.need;

import tanah.core.catalogue.Range;
import tanah.core.need.Expected.Standing;

/**
 * A number from the coldest to the hottest day.
 *
 * @param low  SI; °C for temperatures, shares for humidity
 * @param high the same
 * @param half half of the wider band
 */
public record Extent(double low, double high, double half) {
    private static final double ROUND_OFF = 1e-9;

    public static Extent of(Expected one, Expected other) {
        return new Extent(
                Math.min(one.value(), other.value()),
                Math.max(one.value(), other.value()),
                Math.max(one.half(), other.half()));
    }

    /** Where it stands against a range; that end counts which is further out. */
    public Standing against(Range wanted) {
        boolean down = isDown(wanted);
        double past = past(wanted);
        if (past > ROUND_OFF) {
            return down ? Standing.BELOW : Standing.ABOVE;
        }
        if (past + half > 0) {
            return down ? Standing.MAY_BE_BELOW : Standing.MAY_BE_ABOVE;
        }
        return Standing.WITHIN;
    }

    /** How far the worse end lies outside a range; negative: room that is left. */
    public double past(Range wanted) {
        return Math.max(wanted.min() - low, high - wanted.max());
    }

    /** How far the band carries the worse end. */
    public double reach(Range wanted) {
        return isDown(wanted) ? low - half : high + half;
    }

    private boolean isDown(Range wanted) {
        return wanted.min() - low > high - wanted.max();
    }
}
