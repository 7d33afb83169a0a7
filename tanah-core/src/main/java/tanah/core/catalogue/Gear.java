package tanah.core.catalogue;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A heater, pump, filter, tube, fitting or control that is sold.
 *
 * @param id       snake or kebab case
 * @param name     generic trade name
 * @param category what it is
 * @param power    W
 * @param flow     what it moves, and holds back
 * @param heat     what it warms or switches
 * @param price    band, in the reference currency
 * @param note     a caution or a hint
 * @param source   where the values come from
 */
public record Gear(
        String id,
        String name,
        String category,
        OptionalDouble power,
        Flow flow,
        Heat heat,
        Optional<PriceBand> price,
        Optional<String> note,
        String source) {

    /**
     * @param most      flow without head (m³/s)
     * @param head      at which nothing flows (m)
     * @param media     room for filter media (m³)
     * @param bore      inner diameter (m)
     * @param loss      coefficient of a fitting, of the speed head
     * @param roughness m
     */
    public record Flow(
            OptionalDouble most,
            OptionalDouble head,
            OptionalDouble media,
            OptionalDouble bore,
            OptionalDouble loss,
            OptionalDouble roughness) {}

    /**
     * @param width      m
     * @param length     m
     * @param hottest    surface (°C)
     * @param load       that a control may switch (W)
     * @param hysteresis between off and on (K)
     */
    public record Heat(
            OptionalDouble width,
            OptionalDouble length,
            OptionalDouble hottest,
            OptionalDouble load,
            OptionalDouble hysteresis) {}

    /** Whether it is there to warm: mats, cables and water heaters. */
    public boolean isHeater() {
        return category.startsWith("heat_") || isWaterHeater();
    }

    public boolean isWaterHeater() {
        return category.equals("water_heater");
    }

    /** Whether it cleans water: a sponge, an internal, hang-on or canister filter. */
    public boolean isFilter() {
        return switch (category) {
            case "sponge", "internal", "hang_on", "canister" -> true;
            default -> false;
        };
    }

    /** Whether air lifts its water, so that it has neither a jet nor an inlet that holds an animal. */
    public boolean isSponge() {
        return category.equals("sponge");
    }

    public boolean isPump() {
        return category.equals("pump");
    }

    /** Whether it stirs the water and lifts none. */
    public boolean isStreamPump() {
        return category.equals("stream_pump");
    }

    /** Whether it has its place in the water part. */
    public boolean isWaterDevice() {
        return isWaterHeater() || isFilter() || isPump() || isStreamPump();
    }
}
