package tanah.core.water;

import java.util.Optional;
import tanah.core.catalogue.Range;
import tanah.core.design.RoomPlan;

/**
 * The warmth to plan water with (common practice): water that suits the animal at the room's own warmth rides on the
 * room; water that the room leaves too cold is held well inside the wanted range, so that a swing of its control does
 * not leave it.
 */
public final class PlannedWarmth {
    private static final double USUAL = 20; // °C
    private static final double INSIDE = 0.25; // of the wanted range
    private static final double STEP = 0.5; // K, as a control is set
    private static final double DAY = 24; // h

    private PlannedWarmth() {}

    /**
     * @param wanted of the water (°C)
     * @param room   around the vessel, as far as it is known
     * @return °C, within what is wanted
     */
    public static double of(Range wanted, Optional<RoomPlan> room) {
        double standing = room.map(PlannedWarmth::winter).orElse(USUAL);
        double planned = standing < wanted.min() ? wanted.min() + INSIDE * (wanted.max() - wanted.min()) : standing;
        return Math.max(wanted.min(), Math.min(wanted.max(), Math.round(planned / STEP) * STEP));
    }

    /** Mean of the room's coldest day. */
    private static double winter(RoomPlan room) {
        double lit = (room.dayEnd() - room.dayStart() + DAY) % DAY;
        return (room.winter().tempDay() * lit + room.winter().tempNight() * (DAY - lit)) / DAY;
    }
}
