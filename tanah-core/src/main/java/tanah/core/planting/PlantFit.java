package tanah.core.planting;

import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import tanah.core.plant.AnimalFit;
import tanah.core.plant.Plant;
import tanah.core.plant.Reach;
import tanah.core.plant.Spot;
import tanah.core.plant.Suitability;
import tanah.core.time.Season;

/**
 * Whether a kind would live at a place of a plan, with the animals that are there.
 *
 * @param worst       day on which it does worse
 * @param suitability on that day
 * @param animals     by how much the animals lessen it
 * @param refused     why it cannot be with the animals there
 * @param reasons     what the animals do to it, or has to be known
 * @param score       0 to 1; empty where nothing that decides is known
 * @param low         with each value of the place at the worse end of its band
 * @param high        with each value at the better end
 */
public record PlantFit(
        Season worst,
        Suitability suitability,
        double animals,
        Set<AnimalFit.Refused> refused,
        Set<AnimalFit.Reason> reasons,
        OptionalDouble score,
        OptionalDouble low,
        OptionalDouble high) {
    public PlantFit {
        refused = Collections.unmodifiableSet(refused);
        reasons = Collections.unmodifiableSet(reasons);
    }

    /** Without the band, for looking through many kinds and places. */
    static PlantFit of(Plant plant, GrowingPlace place, Reach reach, List<AnimalFit.Animal> animals) {
        Season worst = Season.WINTER;
        Suitability least = Suitability.of(plant, place.spot(Season.WINTER, plant));
        Suitability summer = Suitability.of(plant, place.spot(Season.SUMMER, plant));
        if (rank(summer) < rank(least)) {
            worst = Season.SUMMER;
            least = summer;
        }
        double factor = 1;
        Set<AnimalFit.Refused> refused = EnumSet.noneOf(AnimalFit.Refused.class);
        Set<AnimalFit.Reason> reasons = EnumSet.noneOf(AnimalFit.Reason.class);
        for (AnimalFit.Animal animal : animals) {
            AnimalFit fit = AnimalFit.of(plant, animal, reach);
            factor = Math.min(factor, fit.factor());
            refused.addAll(fit.refused());
            reasons.addAll(fit.reasons());
        }
        OptionalDouble score = times(least.score(), factor);
        return new PlantFit(worst, least, factor, refused, reasons, score, score, score);
    }

    /** The same with its band. */
    PlantFit withBand(Plant plant, GrowingPlace place, SpotBand band) {
        Spot spot = place.spot(worst, plant);
        double least = score.orElse(0);
        double most = least;
        for (Spot moved : band.ends(spot)) {
            double there = Suitability.of(plant, moved).score().orElse(0) * animals;
            least = Math.min(least, there);
            most = Math.max(most, there);
        }
        return score.isEmpty()
                ? this
                : new PlantFit(
                        worst,
                        suitability,
                        animals,
                        refused,
                        reasons,
                        score,
                        OptionalDouble.of(least),
                        OptionalDouble.of(most));
    }

    private static double rank(Suitability s) {
        return s.score().orElse(1) + (s.refused().isEmpty() ? 0 : -s.refused().size());
    }

    private static OptionalDouble times(OptionalDouble value, double factor) {
        return value.isPresent() ? OptionalDouble.of(value.getAsDouble() * factor) : value;
    }

    /** In words, with the animals; empty where nothing that decides is known. */
    public Optional<Suitability.Grade> grade() {
        if (score.isEmpty()) {
            return Optional.empty();
        }
        boolean out = !refused.isEmpty() || !suitability.refused().isEmpty();
        return Optional.of(out ? Suitability.Grade.REFUSED : Suitability.Grade.of(score.getAsDouble()));
    }
}
