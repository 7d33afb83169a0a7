package tanah.core.design.edit;

import java.util.Optional;
import java.util.OptionalDouble;

/** A number of a part that a keeper can give, in SI. */
public interface EditNumber {
    /** What makes sense for it; a box may narrow that further. */
    Limits limits();

    /**
     * @param min least that makes sense
     * @param max most that makes sense
     */
    record Limits(double min, double max) {
        private static final double HAIR = 1e-9; // what a change of units may add

        boolean hold(double value) {
            return value >= min - HAIR && value <= max + HAIR;
        }
    }

    /** Why a value cannot be given; empty where it can, or is left out. */
    default Optional<Refusal> refused(OptionalDouble value) {
        boolean fits = value.isEmpty() || limits().hold(value.getAsDouble());
        return fits ? Optional.empty() : Optional.of(Refusal.OUT_OF_RANGE);
    }
}
