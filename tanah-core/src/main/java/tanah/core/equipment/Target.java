package tanah.core.equipment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.animal.Inhabitant;
import tanah.core.box.ClimateCase;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.core.forecast.Forecast;
import tanah.core.need.ClimatePlace;
import tanah.core.need.Expected;
import tanah.core.need.SeasonPhase;

/**
 * What is wanted at a place by day or by night, in winter and in summer alike.
 *
 * @param key   word of it
 * @param spot  place
 * @param day   whether by day
 * @param low   least value (°C or share)
 * @param high  greatest value
 * @param scale by how much a miss counts as one
 * @param slack by how much it may fall short
 */
public record Target(String key, ClimatePlace spot, boolean day, double low, double high, double scale, double slack) {
    /**
     * Kelvin by which the warm end may fall short. The model mixes the air too well between the two ends, so the warm end reads
     * warmer than it says; common practice, no source.
     */
    static final double MIXING = 1.5;

    private static final double KELVIN = 1;
    private static final double HUMIDITY = 0.1; // share of saturation

    /** What all animals of a plan want; UV is chosen apart. */
    public static List<Target> of(List<Inhabitant> animals) {
        List<Target> all = new ArrayList<>();
        for (Inhabitant animal : animals) {
            Species s = animal.profile();
            s.baskingSurface().ifPresent(r -> all.add(degrees("basking", ClimatePlace.BASKING, true, r, 0)));
            if (!s.isAquatic()) {
                all.add(degrees("warm", ClimatePlace.WARM_AIR, true, s.warmAir(), MIXING));
                all.add(degrees("cool", ClimatePlace.COOL_AIR, true, s.coolAir(), 0));
                all.add(degrees("night", ClimatePlace.WARM_AIR, false, s.night(), 0));
                all.add(humidity("humidity_day", true, s.humidityDay()));
                all.add(humidity("humidity_night", false, s.humidityNight()));
            }
            s.water().ifPresent(r -> all.add(degrees("water", ClimatePlace.WATER, true, r, 0)));
        }
        return all;
    }

    private static Target degrees(String key, ClimatePlace spot, boolean day, Range r, double slack) {
        return new Target(key, spot, day, r.min(), r.max(), KELVIN, slack);
    }

    private static Target humidity(String key, boolean day, Range r) {
        return new Target(key, ClimatePlace.HUMIDITY, day, r.min(), r.max(), HUMIDITY, 0);
    }

    /**
     * A target missed.
     *
     * @param target wanted
     * @param when   season and phase
     * @param value  expected
     * @param room   temperature of the room then (°C)
     */
    public record Miss(Target target, SeasonPhase when, double value, double room) {
        public boolean isBelow() {
            return value < target.low();
        }

        /** By how much, in scales. */
        public double weight() {
            return Math.max(target.least() - value, value - target.high()) / target.scale();
        }
    }

    /** Where a forecast misses the target. */
    List<Miss> misses(Forecast f) {
        List<Miss> misses = new ArrayList<>();
        for (boolean summer : new boolean[] {false, true}) {
            OptionalDouble value = value(f, summer);
            if (value.isPresent() && (value.getAsDouble() < least() - 1e-6 || value.getAsDouble() > high + 1e-6)) {
                misses.add(new Miss(this, SeasonPhase.of(summer, day), value.getAsDouble(), room(f, summer)));
            }
        }
        return misses;
    }

    /** Lowest and highest of the seasons; empty where there is no such place. */
    Optional<EquipmentFound.Value> found(Forecast f) {
        OptionalDouble winter = value(f, false);
        OptionalDouble summer = value(f, true);
        if (winter.isEmpty() || summer.isEmpty()) {
            return Optional.empty();
        }
        double least = Math.min(winter.getAsDouble(), summer.getAsDouble());
        double most = Math.max(winter.getAsDouble(), summer.getAsDouble());
        return Optional.of(new EquipmentFound.Value(
                key, least, most, low, high, isHumidity(), least < low - 1e-6 && least >= least() - 1e-6));
    }

    /** What is expected in a season, humidity as the mean of the phase where the day is known; water keeps its warmth from day to night, so its mean over the day counts. */
    OptionalDouble value(Forecast f, boolean summer) {
        SeasonPhase when = SeasonPhase.of(summer, day);
        Optional<Expected> here = isHumidity() ? f.mean(spot, when) : f.expected(spot, when);
        if (here.isEmpty()) {
            return OptionalDouble.empty();
        }
        if (spot != ClimatePlace.WATER) {
            return OptionalDouble.of(here.get().value());
        }
        double night =
                f.expected(spot, SeasonPhase.of(summer, false)).orElseThrow().value();
        return OptionalDouble.of(night + share(f, summer) * (here.get().value() - night));
    }

    private double room(Forecast f, boolean summer) {
        double at = f.at(SeasonPhase.of(summer, day)).outside();
        double night = f.at(SeasonPhase.of(summer, false)).outside();
        return spot == ClimatePlace.WATER ? night + share(f, summer) * (at - night) : at;
    }

    /** Share of the day that the room is at its day. */
    private static double share(Forecast f, boolean summer) {
        ClimateCase.Season s = summer ? f.mapped().summer() : f.mapped().winter();
        return Math.max(0, Math.min(1, (s.ends() - s.begins()) / 24));
    }

    /** What it may be at least. */
    double least() {
        return low - slack;
    }

    boolean isHumidity() {
        return spot.kind() == ClimatePlace.Kind.HUMIDITY;
    }
}
