package tanah.core.equipment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.animal.Inhabitant;
import tanah.core.box.ClimateCase;
import tanah.core.forecast.Forecast;
import tanah.core.need.ClimatePlace;
import tanah.core.need.Extent;
import tanah.core.need.Need;
import tanah.core.need.Want;
import tanah.core.time.Phase;
import tanah.core.time.Season;
import tanah.core.time.SeasonPhase;

/**
 * A need as the search weighs it, in winter and in summer alike.
 *
 * @param need  what is wanted
 * @param scale by how much a miss counts as one
 * @param slack by how much it may fall short
 */
public record Wish(Need need, double scale, double slack) {
    /**
     * Kelvin by which the warm end may fall short. The model mixes the air too well between the two ends, so the warm end reads
     * warmer than it says; common practice, no source.
     */
    static final double MIXING = 1.5;

    private static final double KELVIN = 1;
    private static final double HUMIDITY = 0.1; // share of saturation
    private static final double ROUND_OFF = 1e-6;

    /** What all animals of a plan want; UV is chosen apart. */
    public static List<Wish> of(List<Inhabitant> animals) {
        return Need.ofAll(animals).stream()
                .filter(n -> n.want() != Want.UV)
                .map(n -> new Wish(n, n.want().isHumidity() ? HUMIDITY : KELVIN, n.want() == Want.WARM ? MIXING : 0))
                .toList();
    }

    /**
     * A wish missed.
     *
     * @param wish   wanted
     * @param when   season and phase
     * @param value  expected, the end that is further out
     * @param room   temperature of the room then (°C)
     */
    public record Miss(Wish wish, SeasonPhase when, double value, double room) {
        public boolean isBelow() {
            return value < wish.low();
        }

        /** By how much, in scales. */
        public double weight() {
            return Math.max(wish.least() - value, value - wish.high()) / wish.scale();
        }
    }

    /** Where a forecast misses the wish. */
    List<Miss> misses(Forecast f) {
        List<Miss> misses = new ArrayList<>();
        for (Season season : Season.values()) {
            Optional<Extent> found = f.extent(need.want(), season);
            if (found.isEmpty()) {
                continue;
            }
            double under = least() - found.get().low();
            double over = found.get().high() - high();
            if (Math.max(under, over) > ROUND_OFF) {
                double value = under > over ? found.get().low() : found.get().high();
                Phase phase = need.want().hours().phase();
                misses.add(new Miss(this, SeasonPhase.of(season, phase), value, room(f, season)));
            }
        }
        return misses;
    }

    /** Lowest and highest of the seasons; empty where there is no such place. */
    Optional<EquipmentFound.Value> found(Forecast f) {
        Optional<Extent> all = f.outlook(need).map(o -> o.extent());
        return all.map(x -> new EquipmentFound.Value(
                key(),
                x.low(),
                x.high(),
                low(),
                high(),
                isHumidity(),
                x.low() < low() - ROUND_OFF && x.low() >= least() - ROUND_OFF));
    }

    private double room(Forecast f, Season season) {
        ClimateCase.RoomCourse room = f.mapped().room(season);
        if (need.want().place() == ClimatePlace.WATER) {
            return room.meanCelsius();
        }
        return (need.want().hours().phase() == Phase.DAY ? room.day() : room.night()).celsius();
    }

    String key() {
        return need.want().word();
    }

    double low() {
        return need.range().min();
    }

    double high() {
        return need.range().max();
    }

    /** What it may be at least. */
    double least() {
        return low() - slack;
    }

    boolean isHumidity() {
        return need.want().isHumidity();
    }
}
