package tanah.core.design;

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
public record WaterFeature(
        String id,
        Kind kind,
        Optional<String> pump,
        OptionalDouble flow,
        OptionalDouble width,
        OptionalDouble length,
        OptionalDouble bar,
        Optional<String> face,
        OptionalDouble slope) {

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

    public WaterFeature fedBy(Optional<String> device) {
        return new WaterFeature(id, kind, device, flow, width, length, bar, face, slope);
    }

    public WaterFeature withFlow(OptionalDouble changed) {
        return new WaterFeature(id, kind, pump, changed, width, length, bar, face, slope);
    }

    public WaterFeature withWidth(OptionalDouble changed) {
        return new WaterFeature(id, kind, pump, flow, changed, length, bar, face, slope);
    }

    public WaterFeature withLength(OptionalDouble changed) {
        return new WaterFeature(id, kind, pump, flow, width, changed, bar, face, slope);
    }

    public WaterFeature withBar(OptionalDouble changed) {
        return new WaterFeature(id, kind, pump, flow, width, length, changed, face, slope);
    }

    public WaterFeature withFace(Optional<String> changed) {
        return new WaterFeature(id, kind, pump, flow, width, length, bar, changed, slope);
    }

    public WaterFeature withSlope(OptionalDouble changed) {
        return new WaterFeature(id, kind, pump, flow, width, length, bar, face, changed);
    }
}
