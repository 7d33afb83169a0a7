package tanah.core.catalogue;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A lamp or radiant heater that is sold. Beam widths and outputs differ between makes by a factor of up to 1.5: what it does
 * is read at the place before an animal depends on it.
 *
 * @param id       as in designs
 * @param name     generic trade name
 * @param category halogen, ceramic, uvb_t5, led_bar and so on
 * @param role     heat, uvb, light, joined by +
 * @param power    marked (W)
 * @param draws    with its ballast or driver (W)
 * @param body     its form
 * @param shares   of its power
 * @param light    for plants
 * @param uv       its reading, if it gives UV
 * @param distance least distances
 * @param life     months after which it is replaced
 * @param dims     whether it may be dimmed
 * @param control  what may switch it, in words
 * @param price    band, in the reference currency
 * @param note     a caution or a hint
 * @param source   where spectrum, UV and light come from
 */
public record LampModel(
        String id,
        String name,
        String category,
        String role,
        double power,
        double draws,
        Body body,
        Shares shares,
        Light light,
        Optional<Uv> uv,
        Distances distance,
        OptionalDouble life,
        boolean dims,
        String control,
        Optional<PriceBand> price,
        Optional<String> note,
        String source) {

    /**
     * @param lit    length that shines (m)
     * @param width  of the front or panel (m)
     * @param height of the front or panel (m)
     * @param beam   full width at half maximum (rad)
     */
    public record Body(OptionalDouble lit, OptionalDouble width, OptionalDouble height, OptionalDouble beam) {}

    /** Shares of the power by band; the rest of 1 is lost in the driver and warms the air. */
    public record Shares(
            double uv, double visible, double nearInfrared, double midInfrared, double longWave, double convective) {
        /** What leaves as light and short infrared. */
        public double beam() {
            return uv + visible + nearInfrared + midInfrared;
        }
    }

    /**
     * @param photons that plants use (mol/s)
     * @param lumens  luminous flux (lm)
     */
    public record Light(OptionalDouble photons, OptionalDouble lumens) {}

    /**
     * UV index on the axis in free air with its fixture, new and run in.
     *
     * @param index    typical
     * @param low      of the makes
     * @param high     of the makes
     * @param distance at which it was read (m)
     * @param fixture  with which it was read
     */
    public record Uv(double index, double low, double high, double distance, String fixture) {}

    /** Least distances to an animal, a plant and what can burn (m). The greater of this and the maker's marking holds. */
    public record Distances(OptionalDouble animal, OptionalDouble plant, OptionalDouble combustible) {}

    /** Whether it is bought for warmth. */
    public boolean isHeater() {
        return role.contains("heat");
    }

    public boolean isUv() {
        return uv.isPresent();
    }

    public boolean isTube() {
        return category.equals("uvb_t5")
                || category.equals("uvb_t8")
                || category.equals("plant_t5")
                || category.equals("led_bar");
    }

    public boolean isPanel() {
        return category.equals("radiant_panel");
    }

    /** Whether it has a reflector or lens of its own that makes a beam. */
    public boolean isBeam() {
        return !isTube() && !isPanel() && !isBulb();
    }

    /** A body that radiates all round, in a dome. */
    public boolean isBulb() {
        return category.equals("ceramic") || category.equals("uvb_compact");
    }

    /** Whether it shines: an animal that sleeps is disturbed by it. */
    public boolean isBright() {
        return shares.visible() > 0.02;
    }
}
