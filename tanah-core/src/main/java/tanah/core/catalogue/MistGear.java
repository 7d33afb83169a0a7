package tanah.core.catalogue;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What makes air damp or moves it: sprayers, misting pumps, nozzles, foggers, fans, tanks.
 *
 * @param id       as in designs
 * @param name     generic trade name
 * @param category hand, mist_pump, nozzle, fogger, fan, tank and so on
 * @param power    W
 * @param flow     of water, of a fan of air (m³/s)
 * @param nozzles  that a pump feeds
 * @param tank     m³
 * @param spread   of a nozzle (rad)
 * @param reach    of a nozzle (m)
 * @param price    band, in the reference currency
 * @param note     a caution or a hint
 * @param source   where the values come from
 */
public record MistGear(
        String id,
        String name,
        String category,
        OptionalDouble power,
        OptionalDouble flow,
        OptionalDouble nozzles,
        OptionalDouble tank,
        OptionalDouble spread,
        OptionalDouble reach,
        Optional<PriceBand> price,
        Optional<String> note,
        String source) {
    public boolean is(String word) {
        return category.equals(word);
    }

    /** Whether it wets the air where it hangs. */
    public boolean sprays() {
        return is("nozzle") || is("fogger") || is("hand");
    }
}
