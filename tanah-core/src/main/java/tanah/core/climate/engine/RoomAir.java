package tanah.core.climate.engine;

import tanah.core.box.ClimateCase;
import tanah.core.physics.MoistAir;

/**
 * The room around the enclosure at one moment.
 *
 * @param celsius  °C
 * @param humidity kg of vapour per kg of dry air
 */
public record RoomAir(double celsius, double humidity) {
    public static RoomAir of(ClimateCase.Outside o, double pressure) {
        return new RoomAir(o.celsius(), MoistAir.humidity(o.humidity() * MoistAir.saturation(o.celsius()), pressure));
    }

    double virtual() {
        return MoistAir.virtual(celsius, humidity);
    }
}
