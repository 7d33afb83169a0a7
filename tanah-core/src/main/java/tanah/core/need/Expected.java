package tanah.core.need;

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
}
