package tanah.core.finding;

import tanah.core.units.Unit;

/**
 * One number of a finding.
 *
 * @param name  what it is, in lower case with underscores, without a unit
 * @param value the number in SI units; finite
 * @param unit  how it is shown
 */
public record Measure(String name, double value, Unit unit) {
    public Measure {
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException(name + " must be finite, was " + value);
        }
    }

    /** The number in its display unit. */
    public double shown() {
        return unit.fromSi(value);
    }
}
