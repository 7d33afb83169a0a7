package tanah.core.structure;

import java.util.List;
import java.util.OptionalDouble;
import tanah.core.catalogue.Range;

/**
 * What it all weighs when it is filled and wet (kg).
 *
 * @param vessel      empty box
 * @param fittings    lamps, pipes, background
 * @param dam         wall between land and water
 * @param hardscape   stones, wood, cork, foam
 * @param groundDry   layers, dry
 * @param groundWater water in the layers: drainage flooded full as the worst case, soil drained wet, pores full below
 *                    a water level
 * @param freeWater   open water
 * @param stand       the stand itself
 * @param total       all of it
 * @param band        lowest and highest total
 * @param capacity    what the stand carries, if given
 * @param unweighed   ids of hardscape without a mass
 */
public record MassResult(
        double vessel,
        double fittings,
        double dam,
        double hardscape,
        double groundDry,
        double groundWater,
        double freeWater,
        double stand,
        double total,
        Range band,
        OptionalDouble capacity,
        List<String> unweighed) {

    public MassResult {
        unweighed = List.copyOf(unweighed);
    }

    /** Load on the stand (kg). */
    public double onStand() {
        return total - stand;
    }

    /** Load over rating; empty without a rating. */
    public OptionalDouble standUse() {
        return capacity.isPresent() ? OptionalDouble.of(onStand() / capacity.getAsDouble()) : OptionalDouble.empty();
    }
}
