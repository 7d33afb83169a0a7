package tanah.core.design;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * A way out of the water that is laid in, such as a bark ramp.
 *
 * @param id     in the document
 * @param foot   height of its lower end (m)
 * @param top    height of its upper end (m)
 * @param length along the ramp (m)
 * @param width  m
 * @param rough  whether claws or wet skin hold on it, default true
 * @param kept   its plan
 */
@RecordBuilder
public record Ramp(
        String id, double foot, double top, double length, double width, Optional<Boolean> rough, OtherFields kept)
        implements RampBuilder.With {

    /** Angle to the level (radians); upright where it is shorter than its rise. */
    public double angle() {
        return length <= top - foot ? Math.PI / 2 : Math.asin(Math.max(0, top - foot) / length);
    }

    public boolean isRough() {
        return rough.orElse(true);
    }
}
