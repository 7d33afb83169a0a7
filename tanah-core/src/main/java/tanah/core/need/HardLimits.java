package tanah.core.need;

import java.util.List;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Range;
import tanah.core.finding.Severity;

/**
 * Temperatures (°C) that no place which an animal cannot leave may pass.
 *
 * @param low  not below
 * @param high not above
 */
public record HardLimits(double low, double high) {
    /** Of an animal. An override may tighten a limit; loosening it does not lift the stop. */
    public static HardLimits of(Inhabitant animal) {
        return new HardLimits(
                Math.max(animal.profile().limitLow(), animal.row().limitLow()),
                Math.min(animal.profile().limitHigh(), animal.row().limitHigh()));
    }

    public Range range() {
        return new Range(low, high);
    }

    /** The place to which the animal flees from heat or from cold. */
    public static ClimatePlace flight(Inhabitant animal, boolean fromHeat) {
        if (animal.profile().isAquatic()) {
            return ClimatePlace.WATER;
        }
        return fromHeat ? ClimatePlace.COOL_AIR : ClimatePlace.WARM_AIR;
    }

    /** Where a limit counts: the water of what wants water, then where it flees to. */
    public static List<ClimatePlace> places(Inhabitant animal, boolean fromHeat) {
        ClimatePlace flight = flight(animal, fromHeat);
        return Want.WATER.of(animal.profile()).isPresent() && flight != ClimatePlace.WATER
                ? List.of(ClimatePlace.WATER, flight)
                : List.of(flight);
    }

    /** An expectation against the upper or the lower limit: past it a stop, reached by the band alone a caution. */
    public Severity judge(Expected e, boolean upper) {
        if (upper ? e.value() > high : e.value() < low) {
            return Severity.STOP;
        }
        return (upper ? e.high() > high : e.low() < low) ? Severity.CAUTION : Severity.GOOD;
    }
}
