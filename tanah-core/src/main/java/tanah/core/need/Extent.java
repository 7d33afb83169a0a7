package tanah.core.need;

/**
 * A number from its lowest to its highest: over a day, or from the coldest to the hottest.
 *
 * @param low  SI; °C for temperatures, shares for humidity
 * @param high the same
 * @param half half of the wider band
 */
public record Extent(double low, double high, double half) {
    public static Extent of(Expected one) {
        return new Extent(one.value(), one.value(), one.half());
    }

    public static Extent of(Expected one, Expected other) {
        return of(one).union(of(other));
    }

    /** From the lower to the higher of two, with the wider band. */
    public Extent union(Extent other) {
        return new Extent(Math.min(low, other.low), Math.max(high, other.high), Math.max(half, other.half));
    }

    /** The end that is judged on a side, with the band. */
    public Expected end(boolean lower) {
        return new Expected(lower ? low : high, half);
    }

    /** The same, cut at the most that can be. */
    public Extent atMost(double most) {
        return new Extent(Math.min(most, low), Math.min(most, high), half);
    }
}
