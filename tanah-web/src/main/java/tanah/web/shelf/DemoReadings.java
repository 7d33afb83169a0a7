package tanah.web.shelf;

import java.math.BigDecimal;
import java.time.OffsetDateTime;
import java.util.OptionalDouble;
import java.util.Random;
import tanah.core.climate.DayCourse;
import tanah.core.design.Probe;
import tanah.core.forecast.Forecast;
import tanah.core.forecast.PointForecast;
import tanah.core.need.ReadingKind;
import tanah.core.time.Season;

/**
 * Made-up readings of a plan: what the climate model says of the place at that hour, between the coldest and the hottest
 * day by the time of the year, with a drift of the weather and the error of a hobby instrument.
 */
final class DemoReadings {
    private static final double COLDEST = 15; // day of the year, northern hemisphere
    private static final double YEAR = 365.25;
    private static final double DRIER = 2.5; // points of humidity less per K of a warmer room, about
    private static final double LEAST_HUMIDITY = 5;
    private static final double MOST_HUMIDITY = 99;

    private final Forecast forecast;

    DemoReadings(Forecast forecast) {
        this.forecast = forecast;
    }

    /**
     * A reading in the unit of its kind, or none where the model says nothing of that kind there.
     *
     * @param weather how much warmer the room is than usual (K)
     * @param random  of the error
     */
    OptionalDouble read(Probe probe, ReadingKind kind, OffsetDateTime at, double weather, Random random) {
        double hour = at.getHour() + at.getMinute() / 60.0;
        OptionalDouble cold = computed(probe, kind.of(), Season.WINTER, hour);
        OptionalDouble hot = computed(probe, kind.of(), Season.SUMMER, hour);
        if (cold.isEmpty() || hot.isEmpty()) {
            return OptionalDouble.empty();
        }
        double summer = summer(at.getDayOfYear());
        double middle = cold.getAsDouble() + summer * (hot.getAsDouble() - cold.getAsDouble());
        boolean humid = kind.of() == ReadingKind.Of.HUMIDITY;
        double shown = middle + (humid ? -DRIER : 1) * weather + random.nextGaussian() * kind.band() / 2;
        // in decimals, as an instrument shows it: 333 times 0.1 is 33.300000000000004 in doubles
        double rounded = BigDecimal.valueOf(Math.round(shown / kind.step()))
                .multiply(BigDecimal.valueOf(kind.step()))
                .doubleValue();
        return OptionalDouble.of(humid ? Math.max(LEAST_HUMIDITY, Math.min(MOST_HUMIDITY, rounded)) : rounded);
    }

    /** Share of the hottest day in a day of the year. */
    static double summer(int day) {
        return (1 - Math.cos(2 * Math.PI * (day - COLDEST) / YEAR)) / 2;
    }

    private OptionalDouble computed(Probe probe, ReadingKind.Of of, Season season, double hour) {
        return probe.kind() == Probe.Kind.ROOM ? room(of, season, hour) : place(probe, of, season, hour);
    }

    private OptionalDouble room(ReadingKind.Of of, Season season, double hour) {
        DayCourse day = forecast.day(season).orElseThrow();
        return switch (of) {
            case AIR -> OptionalDouble.of(day.at(hour).room());
            case HUMIDITY -> OptionalDouble.of(100 * day.at(hour).damp());
            default -> OptionalDouble.empty();
        };
    }

    private OptionalDouble place(Probe probe, ReadingKind.Of of, Season season, double hour) {
        if (probe.x().isEmpty() || probe.y().isEmpty() || probe.z().isEmpty()) {
            return OptionalDouble.empty();
        }
        PointForecast p = PointForecast.at(
                        forecast,
                        probe.x().getAsDouble(),
                        probe.y().getAsDouble(),
                        probe.z().getAsDouble(),
                        season,
                        hour)
                .orElseThrow();
        return switch (of) {
            case AIR -> OptionalDouble.of(p.air());
            case SURFACE -> OptionalDouble.of(p.surface());
            case SUBSTRATE, WATER -> p.buried();
            case HUMIDITY -> OptionalDouble.of(100 * p.humidity());
            case OTHER -> OptionalDouble.empty();
        };
    }
}
