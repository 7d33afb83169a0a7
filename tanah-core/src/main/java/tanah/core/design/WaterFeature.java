package tanah.core.design;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Water that is lifted and runs back: a stream, a drip wall, a fall.
 *
 * @param id     in the document
 * @param kind   how it runs
 * @param pump   id of the device that feeds it
 * @param flow   wanted (m³/s)
 * @param width  of the bed, the film or the lip (m)
 * @param length of the bed (m)
 * @param bar    height of the outlet over the inner base (m)
 * @param face   wall that it runs down
 * @param slope  fall of the bed over its length
 */
@RecordBuilder
public record WaterFeature(
        String id,
        Kind kind,
        Optional<String> pump,
        OptionalDouble flow,
        OptionalDouble width,
        OptionalDouble length,
        OptionalDouble bar,
        Optional<String> face,
        OptionalDouble slope)
        implements WaterFeatureBuilder.With {

    /** Walls that water can run down. */
    public static final List<String> FACES = List.of("back", "left", "right", "front");

    /** How the water runs. */
    public enum Kind {
        STREAM,
        DRIP_WALL,
        FALL;

        /** The name in documents. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }
}
