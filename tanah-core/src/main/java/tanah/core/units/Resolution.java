package tanah.core.units;

/**
 * The smallest difference that matters when a computed number meets a limit. Without it 0.060 - 0.050 is less than
 * 0.010 in binary and a met limit becomes a violation.
 */
public enum Resolution {
    /** Lengths (m): a hundredth of a millimetre. */
    LENGTH(1e-5),
    /** Masses (kg): a gram. */
    MASS(1e-3),
    /** Temperatures (K): a thousandth. */
    TEMPERATURE(1e-3),
    /** Ratios and shares. */
    RATIO(1e-9),
    /** Angles (rad). */
    ANGLE(1e-7);

    private final double step;

    Resolution(double step) {
        this.step = step;
    }

    /** Whether {@code value} reaches {@code limit}, both in SI. */
    public boolean atLeast(double value, double limit) {
        return value >= limit - step;
    }

    /** Whether {@code value} stays within {@code limit}, both in SI. */
    public boolean atMost(double value, double limit) {
        return value <= limit + step;
    }
}
