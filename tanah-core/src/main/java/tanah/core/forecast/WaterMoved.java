package tanah.core.forecast;

import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.climate.DayCourse;
import tanah.core.physics.Constants;
import tanah.core.time.Season;

/** Water that the days of a forecast move; each number is empty until they are known. */
public final class WaterMoved {
    private WaterMoved() {}

    /** What the air carries out of the box on the day that takes more (kg/s). */
    public static OptionalDouble carriedOut(Forecast f) {
        return Arrays.stream(Season.values())
                .map(f::day)
                .flatMap(Optional::stream)
                .mapToDouble(d -> d.water().carried() / Constants.DAY)
                .max();
    }

    /** By how much water in drainage and pools rises in a day (m); empty without either. */
    public static OptionalDouble rise(Forecast f, Season season) {
        Optional<DayCourse> day = f.day(season);
        return day.isEmpty()
                ? OptionalDouble.empty()
                : f.model().filling().rise(day.get().water().gained());
    }

    /** Such days until the water stands at the separator; empty where it does not rise or there is no drainage. */
    public static OptionalDouble daysToSeparator(Forecast f, Season season) {
        Optional<DayCourse> day = f.day(season);
        return day.isEmpty()
                ? OptionalDouble.empty()
                : f.model().filling().days(day.get().water().gained());
    }
}
