package tanah.core.planting;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import tanah.core.plant.Spot;

/**
 * How far the values of a place may be off, nine times in ten.
 *
 * @param celsius  of temperatures (K)
 * @param humidity share of saturation
 */
record SpotBand(double celsius, double humidity) {
    private static final double LIGHT = 0.25; // share of the value: lamps of one kind differ by half, common practice
    private static final double MOISTURE = 0.25; // share of the value: water values of media are recalled

    /** The place with each value at either end of its band, one at a time. */
    List<Spot> ends(Spot s) {
        List<Spot> all = new ArrayList<>();
        for (int sign = -1; sign <= 1; sign += 2) {
            all.add(s.withDaily(times(s.daily(), 1 + sign * LIGHT)).withPeak(times(s.peak(), 1 + sign * LIGHT)));
            all.add(s.withDay(plus(s.day(), sign * celsius)));
            all.add(s.withNight(plus(s.night(), sign * celsius)));
            all.add(s.withColdest(plus(s.coldest(), sign * celsius)));
            all.add(s.withHottest(plus(s.hottest(), sign * celsius)));
            all.add(s.withHumidity(share(s.humidity(), sign * humidity)));
            all.add(s.withDriest(share(s.driest(), sign * humidity)));
            all.add(s.withMoisture(times(s.moisture(), 1 + sign * MOISTURE)));
        }
        return all;
    }

    private static OptionalDouble times(OptionalDouble value, double factor) {
        return value.isPresent() ? OptionalDouble.of(value.getAsDouble() * factor) : value;
    }

    private static OptionalDouble plus(OptionalDouble value, double more) {
        return value.isPresent() ? OptionalDouble.of(value.getAsDouble() + more) : value;
    }

    private static OptionalDouble share(OptionalDouble value, double more) {
        return value.isPresent() ? OptionalDouble.of(Math.max(0, Math.min(1, value.getAsDouble() + more))) : value;
    }
}
