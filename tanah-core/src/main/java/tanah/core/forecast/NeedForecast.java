package tanah.core.forecast;

import java.util.Optional;
import tanah.core.climate.DayCourse;
import tanah.core.need.ClimatePlace;
import tanah.core.need.Expected;
import tanah.core.need.Extent;
import tanah.core.need.Need;
import tanah.core.need.Outlook;
import tanah.core.need.Want;
import tanah.core.time.Phase;
import tanah.core.time.Season;
import tanah.core.time.SeasonPhase;

/** What is wanted against a forecast: which number of it each need is judged by. */
final class NeedForecast {
    private NeedForecast() {}

    /**
     * What is expected where and when something is wanted, by the statistic of the need: humidity as the mean of its part of the
     * day; water from its lowest to its highest of the day, before the day is known the mean of its steady states, because water
     * carries its warmth from day to night; everything else as the steady state. Empty where the plan has no such place.
     */
    static Optional<Extent> extent(Forecast f, Want want, Season season) {
        SeasonPhase when = SeasonPhase.of(season, want.hours().phase());
        return switch (want) {
            case UV -> f.light().hasUv() ? Optional.of(Extent.of(f.light().restingBand(0))) : Optional.empty();
            case WATER -> water(f, season);
            case HUMIDITY_DAY, HUMIDITY_NIGHT ->
                f.mean(want.place(), when).map(e -> Extent.of(e).atMost(1));
            default -> f.expected(want.place(), when).map(Extent::of);
        };
    }

    private static Optional<Extent> water(Forecast f, Season season) {
        Optional<Expected> lit = f.expected(ClimatePlace.WATER, SeasonPhase.of(season, Phase.DAY));
        Optional<Expected> dark = f.expected(ClimatePlace.WATER, SeasonPhase.of(season, Phase.NIGHT));
        if (lit.isEmpty() || dark.isEmpty()) {
            return Optional.empty();
        }
        double half = Math.max(lit.get().half(), dark.get().half());
        if (f.day(season).isPresent()) {
            DayCourse course = f.day(season).get();
            return Optional.of(new Extent(course.min(NeedForecast::water), course.max(NeedForecast::water), half));
        }
        double share = f.mapped().room(season).dayShare();
        double mean =
                dark.get().value() + share * (lit.get().value() - dark.get().value());
        return Optional.of(new Extent(mean, mean, half));
    }

    private static double water(DayCourse.Sample s) {
        return ClimatePlace.WATER.at(s.places()).orElseThrow();
    }

    /** A need against the coldest and the hottest day; empty where the plan has no such place. */
    static Optional<Outlook> outlook(Forecast f, Need need) {
        Optional<Extent> fades = need.want() == Want.UV && f.light().hasUv()
                ? Optional.of(Extent.of(f.light().restingBand(f.mapped().uvAgeing())))
                : Optional.empty();
        return extent(f, need.want(), Season.WINTER)
                .flatMap(w -> extent(f, need.want(), Season.SUMMER).map(s -> Outlook.of(need, w, s, fades)));
    }
}
