package tanah.core.vessel;

import tanah.core.units.Unit;

/**
 * A capacity as printed on a label.
 *
 * @param volume  in the unit that was taken (m³)
 * @param unit    the unit taken
 * @param assumed whether "gallon" stood alone and the nearer of the two gallons was taken
 */
public record Label(double volume, Unit unit, boolean assumed) {

    /** Reads "gallon" without a country by taking whichever gallon is nearer to the true capacity. */
    public static Label gallons(double value, double brim) {
        double us = Unit.US_GALLON.toSi(value);
        double imperial = Unit.IMPERIAL_GALLON.toSi(value);
        boolean american = Math.abs(us - brim) <= Math.abs(imperial - brim);
        return new Label(american ? us : imperial, american ? Unit.US_GALLON : Unit.IMPERIAL_GALLON, true);
    }

    /** By how much the label says more than the inside holds, as a share of the inside. */
    public double error(double brim) {
        return volume / brim - 1;
    }
}
