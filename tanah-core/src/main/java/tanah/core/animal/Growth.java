package tanah.core.animal;

import java.util.OptionalDouble;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;

/**
 * Growth in length: L(t) = La - (La - Lh) exp(-3 t / T), the form of L. von Bertalanffy, "Inertial growth and other
 * aspects", Human Biology 10 (1938), recalled; 95 % of the growth is done at T. Band of T: 0.7 to 1.5, invertebrates
 * 0.5 to 2 (common practice).
 *
 * @param adult     La (m)
 * @param hatchling Lh (m)
 * @param months    T
 * @param band      factors on T
 */
public record Growth(double adult, double hatchling, double months, Range band) {

    public static Growth of(Species species) {
        Range band = species.isInvertebrate() ? new Range(0.5, 2) : new Range(0.7, 1.5);
        return new Growth(species.growthLengthAdult(), species.hatchlingLength(), species.monthsToAdult(), band);
    }

    /**
     * Length at an age (m).
     *
     * @param age months, 0 or more
     */
    public double lengthAt(double age) {
        return adult - (adult - hatchling) * Math.exp(-3 * age / months);
    }

    /** Age at a length (months); 0 below the hatchling's length, empty from the adult's length on: grown. */
    public OptionalDouble ageAt(double length) {
        if (length >= adult) {
            return OptionalDouble.empty();
        }
        if (length <= hatchling) {
            return OptionalDouble.of(0);
        }
        return OptionalDouble.of(-(months / 3) * Math.log((adult - length) / (adult - hatchling)));
    }
}
