package tanah.core.design;

import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How a piece of hardscape stands and is held.
 *
 * @param support  what it rests on
 * @param pad      area of the pad under it (m²), default 0: none
 * @param contact  area on which it touches a bare base (m²), default 4 cm²
 * @param anchor   stone that holds it under water (kg), default 0
 * @param gap      between the panes that it is wedged into (m)
 * @param length   of the wedged piece (m)
 * @param swelling by which its length grows when wet, default 0.03
 */
public record Fixing(
        Optional<Support> support,
        OptionalDouble pad,
        OptionalDouble contact,
        OptionalDouble anchor,
        OptionalDouble gap,
        OptionalDouble length,
        OptionalDouble swelling) {

    public static final Fixing UNSAID = new Fixing(
            Optional.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty());

    /** What a piece rests on. */
    public enum Support {
        BASE,
        PLATE,
        WALL,
        SOIL;

        /** The word in documents. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    public Fixing withSupport(Support changed) {
        return new Fixing(Optional.of(changed), pad, contact, anchor, gap, length, swelling);
    }

    public Fixing withPad(OptionalDouble changed) {
        return new Fixing(support, changed, contact, anchor, gap, length, swelling);
    }

    public Fixing withAnchor(OptionalDouble changed) {
        return new Fixing(support, pad, contact, changed, gap, length, swelling);
    }
}
