package tanah.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.catalogue.Range;
import tanah.core.design.OtherFields;
import tanah.core.design.RoomPlan;

class PlannedWarmthTest {
    private static Optional<RoomPlan> room(double day, double night) {
        RoomPlan.Season winter = new RoomPlan.Season(day, night, 0.4, 0.5);
        return Optional.of(new RoomPlan(winter, winter, OptionalDouble.empty(), OtherFields.NONE));
    }

    @ParameterizedTest(name = "{0} to {1} °C in a room of {2}/{3} °C: {4}")
    @CsvSource({
        // rides on the room: 15 h of day, 9 of night
        "10, 18, 12, 10, 11.5",
        "10, 18, 18, 18, 18",
        // a room at the least that is wanted needs no heater, one below it does
        "10, 18, 10, 10, 10",
        "10, 18, 9.9, 9.9, 12",
        "20, 26, 20, 17, 21.5",
        // nothing cools water here: the most that is wanted is what to aim at
        "10, 18, 22, 20, 18",
        // never past a narrow range by rounding
        "24.2, 24.4, 18, 18, 24.4",
        "18.8, 18.9, 19.2, 19.2, 18.9"
    })
    void waterRidesOnTheRoomOrIsHeldInside(double least, double most, double day, double night, double planned) {
        assertThat(PlannedWarmth.of(new Range(least, most), room(day, night))).isCloseTo(planned, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"24, 28, 25", "10, 18, 18", "15, 25, 20"})
    void withoutARoomTheUsualWarmthIsTheBeginning(double least, double most, double planned) {
        assertThat(PlannedWarmth.of(new Range(least, most), Optional.empty())).isCloseTo(planned, within(1e-9));
    }
}
