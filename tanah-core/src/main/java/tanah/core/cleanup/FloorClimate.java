package tanah.core.cleanup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.climate.DayCourse;
import tanah.core.climate.Places;
import tanah.core.design.CrewChoice;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.forecast.Forecast;
import tanah.core.time.Phase;
import tanah.core.time.Season;
import tanah.core.time.SeasonPhase;

/**
 * The floor as the crew lives on it.
 *
 * @param celsius mean of the coldest and the hottest day
 * @param coldest mean of the coldest day (°C)
 * @param hottest mean of the hottest day (°C)
 * @param wetness water of the litter, else of the ground, over field capacity, as the plan keeps it
 * @param refuge  share of the floor that is a refuge
 * @param pocket  water of it over field capacity
 */
record FloorClimate(double celsius, double coldest, double hottest, double wetness, double refuge, double pocket) {
    private static final double DAMP = 0.6; // of a damp refuge that nobody measured; common practice
    private static final double DRY = 0.3; // of a dry one; common practice

    /** Empty where there is no ground that is kept damp or dry. */
    static Optional<FloorClimate> of(Design design, Forecast forecast, double floor) {
        OptionalDouble wetness = wetness(design);
        if (wetness.isEmpty()) {
            return Optional.empty();
        }
        double cold = mean(forecast, Season.WINTER);
        double hot = mean(forecast, Season.SUMMER);
        double share = 0;
        double water = 0;
        for (CrewChoice.Refuge r : design.crew().refuges()) {
            double here = r.region().map(x -> x.outline().area()).orElse(0.0) / floor;
            share += here;
            water += here * r.wetness().orElse(r.damp() ? DAMP : DRY);
        }
        return Optional.of(new FloorClimate(
                (cold + hot) / 2, cold, hot, wetness.getAsDouble(), Math.min(1, share), share > 0 ? water / share : 0));
    }

    /** Of the highest layer that roots or leaves lie in. */
    private static OptionalDouble wetness(Design design) {
        List<Layer> layers = new ArrayList<>(design.ground().layers());
        java.util.Collections.reverse(layers);
        return layers.stream()
                .filter(l -> l.is(Layer.Kind.LITTER) || l.is(Layer.Kind.SUBSTRATE))
                .filter(l -> !l.options().aquatic().orElse(false))
                .mapToDouble(Layer::wetness)
                .findFirst();
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
