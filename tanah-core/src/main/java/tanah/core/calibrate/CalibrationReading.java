package tanah.core.calibrate;

import java.util.Optional;
import tanah.core.box.ClimateCase;
import tanah.core.light.Vec;
import tanah.core.physics.Instrument;

/**
 * A measured value in a steady hour: at least three hours after the lights came on, or before they do.
 *
 * @param kind    what was measured
 * @param at      where (m); of a surface only x and y count
 * @param index   of a platform or a water
 * @param lit     whether the lights had been on
 * @param value   °C, share of saturation, or UV index
 * @param sd      standard deviation of the instrument, same unit
 * @param room    the room at that time; a reading of heat without it says nothing. Empty for UV only
 * @param shows   with what the air was read; empty: the value is the air itself
 */
public record CalibrationReading(
        Kind kind,
        Vec at,
        int index,
        boolean lit,
        double value,
        double sd,
        Optional<ClimateCase.Outside> room,
        Optional<Instrument> shows) {
    /** What can be compared, with the standard deviations of a usual instrument and of the model itself. */
    public enum Kind {
        AIR(0.5, 0.6),
        SURFACE(1.0, 1.2),
        PLATFORM(1.0, 1.2),
        WATER(0.3, 0.5),
        HUMIDITY(0.04, 0.04),
        UV(0.1, 0.1);

        private final double usual;
        private final double model;

        Kind(double usual, double model) {
            this.usual = usual;
            this.model = model;
        }

        /** Standard deviation of a usual instrument; of UV at least 0.1 and a tenth of the value. */
        public double usual(double value) {
            return this == UV ? Math.max(usual, 0.1 * value) : usual;
        }

        double model(double value) {
            return this == UV ? model * value : model;
        }
    }

    public CalibrationReading {
        if (kind != Kind.UV && room.isEmpty()) {
            throw new IllegalArgumentException("a reading of " + kind + " without the room");
        }
    }

    /** Variance of its difference from a prediction. */
    double variance() {
        double m = kind.model(value);
        return sd * sd + m * m;
    }
}
