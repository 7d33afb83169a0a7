package tanah.core.catalogue;

/**
 * A closed range in one unit.
 *
 * @param min lower limit
 * @param max upper limit, at least {@code min}
 */
public record Range(double min, double max) {
    public Range {
        if (!(min <= max)) {
            throw new IllegalArgumentException("range from " + min + " to " + max);
        }
    }

    public boolean contains(double value) {
        return value >= min && value <= max;
    }

    /** The smallest range that holds both. */
    public Range union(Range other) {
        return new Range(Math.min(min, other.min), Math.max(max, other.max));
    }

    public Range times(double factor) {
        return new Range(min * factor, max * factor);
    }
}
