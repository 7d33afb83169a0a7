package tanah.core.design;

import java.util.OptionalDouble;

/**
 * The room around the vessel.
 *
 * @param winter the coldest time
 * @param summer the hottest time
 * @param givenBand half width of the room's uncertainty (K), default 0
 * @param kept   day begin and end, altitude
 */
public record RoomPlan(Season winter, Season summer, OptionalDouble givenBand, OtherFields kept) {

    /** Hour at which the room's day begins, default 7. */
    public double dayStart() {
        return kept.number("day_start_h").orElse(7);
    }

    /** Hour at which it ends, default 22. */
    public double dayEnd() {
        return kept.number("day_end_h").orElse(22);
    }

    /** Height above the sea (m), default 0. */
    public double altitude() {
        return kept.number("altitude_m").orElse(0);
    }

    public double band() {
        return givenBand.orElse(0);
    }

    /**
     * A season by day and by night.
     *
     * @param tempDay       °C
     * @param tempNight     °C
     * @param humidityDay   share
     * @param humidityNight share
     */
    public record Season(double tempDay, double tempNight, double humidityDay, double humidityNight) {
        public double lowest() {
            return Math.min(tempDay, tempNight);
        }

        public double highest() {
            return Math.max(tempDay, tempNight);
        }
    }
}
