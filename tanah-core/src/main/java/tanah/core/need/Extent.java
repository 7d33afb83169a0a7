package tanah.core.need;

/**
 * A number from its lowest to its highest: over a day, or from the coldest to the hottest.
 *
 * @param low  SI; °C for temperatures, shares for humidity
 * @param high the same
 * @param half half of the wider band
 * @param most what cannot be passed, not even by the band: saturation; infinite where nothing is in the way
 */
public record Extent(double low, double high, double half, double most) {
    public Extent(double low, double high, double half) {
        this(low, high, half, Double.POSITIVE_INFINITY);
    }

    public static Extent of(Expected one) {
        return new Extent(one.value(), one.value(), one.half());
    }

    public static Extent of(Expected one, Expected other) {
        return of(one).union(of(other));
    }

    /** From the lower to the higher of two, with the wider band. */
    public Extent union(Extent other) {
        return new Extent(
                Math.min(low, other.low),
                Math.max(high, other.high),
                Math.max(half, other.half),
                Math.max(most, other.most));
    }

    /** The end that is judged on a side, with the band. */
    public Expected end(boolean lower) {
        return new Expected(lower ? low : high, half);
    }

    /** Where the band ends below. */
    public double bottom() {
        return low - half;
    }

    /** Where the band ends above. */
    public double top() {
        return Math.min(most, high + half);
    }

    /** The same, cut at the most that can be. */
    public Extent atMost(double ceiling) {
        return new Extent(Math.min(ceiling, low), Math.min(ceiling, high), half, ceiling);
    }
}
