package tanah.core.forecast;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
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

    private static final double TENTH = 0.1;
    private static final double HOUR = 1;

    /**
     * What is expected where and when something is wanted, over the whole day: basking as the mean of its basking hours; the warm
     * and the cool end over nine tenths of the lit steps, cut at both ends; the night likewise over the unlit ones; humidity as the mean
     * of its part of the day; water from its lowest to its highest hour. Before the day is known, a preview by the steady states.
     * Empty where the plan has no such place.
     */
    static Optional<Extent> extent(Forecast f, Want want, Season season) {
        if (want == Want.UV) {
            return f.light().hasUv() ? Optional.of(Extent.of(f.light().restingBand(0))) : Optional.empty();
        }
        Optional<DayCourse> day = f.day(season);
        return day.isPresent() ? ofDay(f, want, season, day.get()) : preview(f, want, season);
    }

    private static Optional<Extent> ofDay(Forecast f, Want want, Season season, DayCourse day) {
        ClimatePlace place = want.place();
        if (place.at(day.samples().get(0).places()).isEmpty()) {
            return Optional.empty();
        }
        ToDoubleFunction<DayCourse.Sample> value = s -> place.at(s.places()).orElseThrow();
        SeasonPhase when = SeasonPhase.of(season, want.hours().phase());
        double half = f.half(place, when);
        boolean lit = when.isLit();
        return switch (want.statistic()) {
            case BASKING -> {
                OptionalDouble mean =
                        day.basking(value).stream().mapToDouble(value).average();
                yield mean.isPresent()
                        ? Optional.of(new Extent(mean.getAsDouble(), mean.getAsDouble(), half))
                        : preview(f, want, season);
            }
            case HOURS ->
                Optional.of(new Extent(
                        day.block(HOUR, false, value).mean(),
                        day.block(HOUR, true, value).mean(),
                        Math.max(half, f.half(place, SeasonPhase.of(season, Phase.NIGHT)))));
            case MEAN -> f.mean(place, when).map(e -> Extent.of(e).atMost(1));
            case TENTHS -> {
                OptionalDouble low = day.quantile(lit, TENTH, value);
                OptionalDouble high = day.quantile(lit, 1 - TENTH, value);
                yield low.isPresent()
                        ? Optional.of(new Extent(low.getAsDouble(), high.orElseThrow(), half))
                        : preview(f, want, season);
            }
            case FULL_POWER -> throw new IllegalArgumentException("UV is no course of a day");
        };
    }

    private static Optional<Extent> preview(Forecast f, Want want, Season season) {
        SeasonPhase when = SeasonPhase.of(season, want.hours().phase());
        if (want == Want.WATER) {
            return water(f, season);
        }
        return f.expected(want.place(), when).map(Extent::of).map(e -> want.isHumidity() ? e.atMost(1) : e);
    }

    /** Water carries its warmth from day to night: the mean of its steady states. */
    private static Optional<Extent> water(Forecast f, Season season) {
        Optional<Expected> lit = f.expected(ClimatePlace.WATER, SeasonPhase.of(season, Phase.DAY));
        Optional<Expected> dark = f.expected(ClimatePlace.WATER, SeasonPhase.of(season, Phase.NIGHT));
        if (lit.isEmpty() || dark.isEmpty()) {
            return Optional.empty();
        }
        double half = Math.max(lit.get().half(), dark.get().half());
        double share = f.mapped().room(season).dayShare();
        double mean =
                dark.get().value() + share * (lit.get().value() - dark.get().value());
        return Optional.of(new Extent(mean, mean, half));
    }

    /**
     * The highest or the lowest quarter of an hour of a day at a place, by which hard limits are judged; the steady state by day or by
     * night until the day is known. Empty where the plan has no such place.
     */
    static Optional<Extreme> extreme(Forecast f, ClimatePlace place, Season season, boolean highest) {
        SeasonPhase when = SeasonPhase.of(season, highest ? Phase.DAY : Phase.NIGHT);
        Optional<Expected> steady = f.expected(place, when);
        if (steady.isEmpty() || f.day(season).isEmpty()) {
            return steady.map(e -> new Extreme(e, OptionalDouble.empty()));
        }
        DayCourse.Block block = f.day(season)
                .get()
                .block(HOUR / 4, highest, s -> place.at(s.places()).orElseThrow());
        return Optional.of(
                new Extreme(new Expected(block.mean(), f.half(place, when)), OptionalDouble.of(block.from())));
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
