package tanah.core.plant;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/** What rules a plant out at a place: all of it, and what cannot be told because the place is not known well enough. */
final class Refusals {
    private static final double CROWDED =
            0.8; // of the headroom that a piece to be cut may take at once, common practice
    private static final double ROUNDING = 1e-9; // of units

    private Refusals() {}

    /** Each refusal: true, false, or empty where a measure of the place is missing. */
    static Map<Refusal, Optional<Boolean>> of(Plant plant, Spot spot) {
        Map<Refusal, Optional<Boolean>> told = new EnumMap<>(Refusal.class);
        told.put(Refusal.TOO_COLD, under(spot.coldest(), plant.warmth().dies()));
        told.put(Refusal.TOO_HOT, over(spot.hottest(), plant.warmth().diesOver()));
        told.put(
                Refusal.ROOT_PLACE,
                Optional.of(!plant.roots()
                        .habit()
                        .allows(spot.on(), plant.positions(), plant.roots().onMoss())));
        told.put(
                Refusal.SOIL_TOO_SHALLOW,
                rootsInSoil(plant, spot) ? under(spot.soil(), plant.roots().depth()) : Optional.of(false));
        told.put(Refusal.TOO_TALL, tooTall(plant, spot.headroom()));
        Optional<Boolean> flooded = drains(spot.on())
                ? Optional.of(false)
                : boxed(spot.flood()).map(f -> f > plant.wet().flood());
        told.put(Refusal.FLOODED, flooded);
        told.put(Refusal.WATER_TOO_DEEP, tooDeep(plant, spot, flooded));
        told.put(
                Refusal.NEEDS_WATER,
                Optional.of(plant.aquatic()
                        && spot.on() != RootPlace.UNDERWATER
                        && spot.on() != RootPlace.WATER_SURFACE
                        && !plant.positions().contains(Position.EMERSED)));
        return told;
    }

    private static boolean drains(RootPlace on) {
        return on == RootPlace.MOUNT || on == RootPlace.MOSS_WALL || on == RootPlace.WATER_SURFACE;
    }

    private static boolean rootsInSoil(Plant plant, Spot spot) {
        RootHabit habit = plant.roots().habit();
        return spot.on() == RootPlace.SOIL
                || spot.on() == RootPlace.UNDERWATER && (habit == RootHabit.SOIL || habit == RootHabit.SUBMERGED_SOIL);
    }

    private static Optional<Boolean> tooTall(Plant plant, OptionalDouble headroom) {
        return plant.prunable()
                ? boxed(headroom).map(h -> plant.height().start() > CROWDED * h + ROUNDING)
                : boxed(headroom).map(h -> plant.height().year() > h + ROUNDING);
    }

    private static Optional<Boolean> tooDeep(Plant plant, Spot spot, Optional<Boolean> flooded) {
        if (flooded.orElse(false)) {
            return Optional.of(false); // said already
        }
        if (spot.flood().isPresent() && spot.flood().getAsInt() < 2) {
            return Optional.of(false);
        }
        return spot.flood().isEmpty()
                ? Optional.empty()
                : over(spot.floodDepth(), plant.wet().floodDepth());
    }

    private static Optional<Boolean> under(OptionalDouble value, double least) {
        return boxed(value).map(v -> v < least - ROUNDING);
    }

    private static Optional<Boolean> over(OptionalDouble value, double most) {
        return boxed(value).map(v -> v > most + ROUNDING);
    }

    private static Optional<Double> boxed(OptionalDouble value) {
        return value.isPresent() ? Optional.of(value.getAsDouble()) : Optional.empty();
    }

    private static Optional<Integer> boxed(OptionalInt value) {
        return value.isPresent() ? Optional.of(value.getAsInt()) : Optional.empty();
    }
}
