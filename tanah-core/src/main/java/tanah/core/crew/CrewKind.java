package tanah.core.crew;

import java.util.OptionalDouble;
import tanah.core.numeric.Trapezoid;

/**
 * A kind of animal that eats litter and waste. All figures are from memory or common practice; cultures differ two to five times.
 *
 * @param water    whether it lives in water
 * @param mass     of one, dry (kg)
 * @param dies     °C, and so on: it dies outside the outer two, thrives between the inner two
 * @param moisture least, liked and most water of its ground over field capacity
 * @param doubling of its number at 24 °C (days); 0 where it does not breed in a box
 * @param tenfold  how much faster all goes for 10 K more
 * @param litter   that one eats in a day (kg dry)
 * @param waste    that one eats in a day (kg dry)
 * @param hunger   for protein, 0 to 3
 * @param most     that a square metre carries
 */
public record CrewKind(
        String id,
        boolean water,
        double mass,
        double dies,
        double thrives,
        double thrivesTo,
        double diesOver,
        Moisture moisture,
        double doubling,
        double tenfold,
        double litter,
        double waste,
        int hunger,
        double most) {
    private static final double USUAL = 24; // °C

    /** Water of the ground over its field capacity. */
    public record Moisture(double least, double liked, double most) {}

    /** How fast its number grows at 24 °C with food and room (1 a day); 0 where it does not breed. */
    public double growth() {
        return doubling > 0 ? Math.log(2) / doubling : 0;
    }

    /** How fast it lives, over 24 °C where that is well for it; 0 where it cannot. */
    public double warmth(double celsius) {
        return Math.pow(tenfold, (celsius - USUAL) / 10) * bears(celsius);
    }

    /** How well it bears a temperature, 0 where it dies to 1 where it thrives. */
    public double bears(double celsius) {
        return new Trapezoid(
                        OptionalDouble.of(dies),
                        (dies + thrives) / 2,
                        thrives,
                        thrivesTo,
                        (thrivesTo + diesOver) / 2,
                        diesOver)
                .at(celsius);
    }

    /**
     * Share of the floor on which it lives.
     *
     * @param wetness of the floor
     * @param pocket  of a damp or dry refuge
     * @param share   of the floor that is refuge
     */
    public double ground(double wetness, double pocket, double share) {
        return water ? 1 : (1 - share) * moist(wetness) + share * moist(pocket);
    }

    private double moist(double wetness) {
        boolean dryAsWell = moisture.least() == 0;
        return new Trapezoid(
                        OptionalDouble.of(moisture.least() - 0.2),
                        moisture.least(),
                        dryAsWell ? 0 : (moisture.least() + moisture.liked()) / 2,
                        (moisture.liked() + moisture.most()) / 2,
                        moisture.most(),
                        moisture.most() + 0.3)
                .at(wetness);
    }
}
