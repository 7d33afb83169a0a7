package tanah.core.design;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.OptionalDouble;

/**
 * Water changes.
 *
 * @param fraction of the water replaced each time, 0 to 1
 * @param interval between two (s)
 */
@RecordBuilder
public record ChangeSchedule(OptionalDouble fraction, OptionalDouble interval) implements ChangeScheduleBuilder.With {
    /** Nothing is said. */
    public static final ChangeSchedule NONE = new ChangeSchedule(OptionalDouble.empty(), OptionalDouble.empty());
}
