package tanah.core.climate;

/**
 * The room around the enclosure at one moment.
 *
 * @param celsius  °C
 * @param humidity kg of vapour per kg of dry air
 */
record Room(double celsius, double humidity) {
    static Room of(ClimateCase.Outside o, double pressure) {
        return new Room(o.celsius(), MoistAir.humidity(o.humidity() * MoistAir.saturation(o.celsius()), pressure));
    }

    double virtual() {
        return MoistAir.virtual(celsius, humidity);
    }
}
