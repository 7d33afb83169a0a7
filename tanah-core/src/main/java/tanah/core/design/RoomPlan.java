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
public record RoomPlan(Season winter, Season summer, OptionalDouble givenBand, Kept kept) {

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
