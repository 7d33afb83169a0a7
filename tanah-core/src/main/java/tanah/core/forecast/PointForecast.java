package tanah.core.forecast;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.IntToDoubleFunction;
import tanah.core.box.ClimateCase;
import tanah.core.box.Fixture;
import tanah.core.climate.LightMap;
import tanah.core.climate.Places;
import tanah.core.design.Device;
import tanah.core.light.Vec;
import tanah.core.mapping.FixtureMap;
import tanah.core.physics.Instrument;
import tanah.core.time.Season;
import tanah.core.time.SeasonPhase;

/**
 * Everything that can be said of one place at one time: the air, what instruments would show there, the ground under it,
 * light.
 *
 * @param air       °C
 * @param humidity  share of saturation
 * @param surface   of the ground or water below (°C)
 * @param bareProbe what a bare black probe shows (°C)
 * @param capped    what one with a white cap shows (°C)
 * @param shaded    what one in shade shows (°C)
 * @param beams     light and heat of the lamps facing it (W/m²)
 * @param uv        UV index on a level back
 * @param uvAimed   UV index of a meter held towards the lamp
 * @param photons   plant light (mol/m² s)
 * @param buried    ground or water about the place (°C), where it lies under their surface: there is no air, no light
 */
public record PointForecast(
        double air,
        double humidity,
        double surface,
        double bareProbe,
        double capped,
        double shaded,
        double beams,
        double uv,
        double uvAimed,
        double photons,
        OptionalDouble buried) {
    private static final double LEAST_SPEED = 0.03; // m/s
    private static final double ON_TOP = 0.02; // m

    /** In a steady case. */
    public static PointForecast at(Forecast f, double x, double y, double z, SeasonPhase when) {
        return of(
                f,
                f.at(when).places(),
                i -> f.at(when).duty(i),
                f.at(when).mixingSpeed(),
                when.isLit(),
                new Vec(x, y, z));
    }

    /** At a moment of the whole day; empty until the day is known. */
    public static Optional<PointForecast> at(Forecast f, double x, double y, double z, Season season, double hour) {
        return f.day(season).map(d -> {
            var s = d.at(hour);
            return of(
                    f,
                    s.places(),
                    i -> s.duties().get(i),
                    f.at(SeasonPhase.of(season, s.phase())).mixingSpeed(),
                    s.lit(),
                    new Vec(x, y, z));
        });
    }

    private static PointForecast of(Forecast f, Places p, IntToDoubleFunction duty, double speed, boolean lit, Vec at) {
        LightMap light = f.light().map();
        double air = p.air(at.x(), at.y(), at.z());
        double beams = light.aimed(at, duty);
        double wind =
                Math.max(LEAST_SPEED, Math.max(speed, f.mapped().enclosure().fanSpeed()));
        return new PointForecast(
                air,
                p.humidity(at.x(), at.y(), at.z()),
                below(f, p, at),
                p.shown(Instrument.BARE, at, beams, wind),
                p.shown(Instrument.CAPPED, at, beams, wind),
                p.shown(Instrument.SHADED, at, beams, wind),
                beams,
                light.uvIndex(at, duty),
                light.uvAimed(at, duty),
                light.photons(at, duty),
                p.buried(at.x(), at.y(), at.z()));
    }

    /** The raised surface under a place, else the ground. */
    private static double below(Forecast f, Places p, Vec at) {
        List<ClimateCase.Platform> raised = f.mapped().enclosure().platforms();
        for (int i = 0; i < raised.size(); i++) {
            ClimateCase.Platform r = raised.get(i);
            if (Math.abs(at.x() - r.x()) <= r.sizeX() / 2
                    && Math.abs(at.y() - r.y()) <= r.sizeY() / 2
                    && at.z() >= r.z() - ON_TOP) {
                return p.platform(i);
            }
        }
        return p.surface(at.x(), at.y());
    }

    /** How a thermostat of the plan controls. */
    public static Fixture.Control control(Device.Thermostat t) {
        return FixtureMap.control(t);
    }
}
