package tanah.core.cleanup;

import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.climate.DayCourse;
import tanah.core.climate.Places;
import tanah.core.forecast.Forecast;
import tanah.core.time.Phase;
import tanah.core.time.Season;
import tanah.core.time.SeasonPhase;

/**
 * How warm the floor is.
 *
 * @param coldest mean of the coldest day (°C)
 * @param hottest mean of the hottest day (°C)
 */
public record FloorWarmth(double coldest, double hottest) {
    /** By the whole days where they are known, else by the steady states. */
    public static FloorWarmth of(Forecast forecast) {
        return new FloorWarmth(mean(forecast, Season.WINTER), mean(forecast, Season.SUMMER));
    }

    private static double mean(Forecast f, Season season) {
        Optional<DayCourse> day = f.day(season);
        if (day.isPresent()) {
            return day.get().samples().stream()
                    .mapToDouble(s -> floor(s.places()))
                    .average()
                    .orElse(0);
        }
        double lit = f.mapped().enclosure().photoperiod() / 24;
        return lit * steady(f, season, Phase.DAY) + (1 - lit) * steady(f, season, Phase.NIGHT);
    }

    private static double steady(Forecast f, Season season, Phase phase) {
        return floor(f.at(SeasonPhase.of(season, phase)).places());
    }

    /** Mean of the ground at both ends; of the air where there is no ground. */
    private static double floor(Places p) {
        OptionalDouble warm = p.groundOf(true);
        OptionalDouble cool = p.groundOf(false);
        if (warm.isEmpty() && cool.isEmpty()) {
            return p.meanAir();
        }
        return (warm.orElse(cool.orElse(0)) + cool.orElse(warm.orElse(0))) / 2;
    }
}
