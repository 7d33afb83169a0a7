package tanah.web.design.overlay;

import java.util.function.IntToDoubleFunction;
import tanah.core.climate.DayCourse;
import tanah.core.climate.LightMap;
import tanah.core.climate.Places;
import tanah.core.climate.SteadyState;
import tanah.core.forecast.Forecast;
import tanah.core.forecast.PointForecast;
import tanah.core.light.Vec;
import tanah.core.time.Phase;
import tanah.core.time.Season;
import tanah.core.time.SeasonPhase;

/**
 * One moment of a forecast: of the whole day where it is known, else the steady state of its phase.
 *
 * @param forecast of the plan
 * @param when     season and phase
 * @param hour     of the day
 * @param places   what can be read
 * @param duty     of each device
 * @param room     °C
 * @param steady   whether the whole day is not known yet
 */
record Moment(
        Forecast forecast,
        SeasonPhase when,
        double hour,
        Places places,
        IntToDoubleFunction duty,
        double room,
        boolean steady) {

    static Moment of(Forecast f, Season season, double hour) {
        if (f.day(season).isPresent()) {
            DayCourse.Sample s = f.day(season).get().at(hour);
            return new Moment(
                    f,
                    SeasonPhase.of(season, s.phase()),
                    hour,
                    s.places(),
                    i -> s.duties().get(i),
                    s.room(),
                    false);
        }
        double since = ((hour - f.mapped().enclosure().lightsOn()) % 24 + 24) % 24;
        SeasonPhase when =
                SeasonPhase.of(season, since < f.mapped().enclosure().photoperiod() ? Phase.DAY : Phase.NIGHT);
        SteadyState steady = f.at(when);
        return new Moment(f, when, hour, steady.places(), steady::duty, steady.outside(), true);
    }

    PointForecast read(Vec at) {
        return steady
                ? PointForecast.at(forecast, at.x(), at.y(), at.z(), when)
                : PointForecast.at(forecast, at.x(), at.y(), at.z(), when.season(), hour)
                        .orElseThrow();
    }

    /** The field at a place in the air; on the ground for surfaces. */
    double value(FieldKind kind, Vec at) {
        LightMap light = forecast.light().map();
        return switch (kind) {
            case AIR -> places.air(at.x(), at.y(), at.z());
            case SURFACE -> places.surface(at.x(), at.y());
            case UV -> light.uvIndex(at, duty);
            case HUMIDITY -> 100 * places.humidity(at.x(), at.y(), at.z());
            case LIGHT -> 1e6 * light.photons(at, duty);
            case SUITS, NONE -> Double.NaN;
        };
    }
}
