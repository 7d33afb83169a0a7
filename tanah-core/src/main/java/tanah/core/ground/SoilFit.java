package tanah.core.ground;

import java.util.ArrayList;
import java.util.List;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Range;
import tanah.core.units.Unit;

/**
 * A soil against what an animal's ground has to do. The ranges are common practice: dry ground keeps little water,
 * moist ground keeps water and air, a burrow needs some clay and cohesion.
 *
 * @param need   what: dry, moist, air, clay or burrow
 * @param value  of the soil, in SI
 * @param wanted in SI
 * @param unit   how it is shown
 */
public record SoilFit(String need, double value, Range wanted, Unit unit) {
    private static final double DRY_HEAD = 3.36; // m
    private static final double MOIST_HEAD = 0.1; // m

    public boolean fits() {
        return value >= wanted.min() - 1e-9 && value <= wanted.max() + 1e-9;
    }

    /** What the soil is asked for by one animal, in a fixed order. */
    public static List<SoilFit> of(Soil soil, Inhabitant animal) {
        List<SoilFit> fits = new ArrayList<>();
        if (animal.profile().isArid()) {
            fits.add(new SoilFit("dry", soil.water().content(DRY_HEAD), new Range(0, 0.15), Unit.PERCENT));
        } else {
            double held = soil.water().content(MOIST_HEAD);
            fits.add(new SoilFit("moist", held, new Range(0.3, 0.65), Unit.PERCENT));
            fits.add(new SoilFit("air", soil.water().saturated() - held, new Range(0.2, 1), Unit.PERCENT));
        }
        if (animal.profile().mustHoldBurrow()) {
            fits.add(new SoilFit("clay", soil.clayShare(), new Range(0.08, 0.25), Unit.PERCENT));
            fits.add(new SoilFit("burrow", soil.cohesion(), new Range(BurrowClass.FAIR.least(), 100), Unit.SHARE));
        }
        return fits;
    }
}
