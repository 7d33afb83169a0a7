package tanah.core.need;

import tanah.core.catalogue.Range;

/**
 * A predicted number and how far it may be off, nine times in ten.
 *
 * @param value in SI; °C for temperatures, shares for humidity
 * @param half  half of the band, in the same unit
 */
public record Expected(double value, double half) {
    public double low() {
        return value - half;
    }

    public double high() {
        return value + half;
    }

    /** Where the number stands against a range. */
    public enum Standing {
        BELOW,
        MAY_BE_BELOW,
        WITHIN,
        MAY_BE_ABOVE,
        ABOVE
    }

    /** Against a range; what the band alone carries out of it is only possible. */
    public Standing against(Range wanted) {
        if (value < wanted.min() - 1e-9) {
            return Standing.BELOW;
        }
        if (value > wanted.max() + 1e-9) {
            return Standing.ABOVE;
        }
        double under = wanted.min() - low();
        double over = high() - wanted.max();
        if (under <= 0 && over <= 0) {
            return Standing.WITHIN;
        }
        return under > over ? Standing.MAY_BE_BELOW : Standing.MAY_BE_ABOVE;
    }
}
