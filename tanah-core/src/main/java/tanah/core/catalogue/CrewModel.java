package tanah.core.catalogue;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.crew.CrewKind;

/**
 * A kind of animal that eats litter and waste, as it is sold in cultures. All figures are from memory or common practice; cultures differ two
 * to five times.
 *
 * @param kind       how it lives and eats
 * @param names      what it is called
 * @param size       of one, grown (m)
 * @param humidity   of the air that it needs and likes, share of saturation; empty for those in water
 * @param refuge     what it has to be able to withdraw to
 * @param start      how many are set
 * @param zone       where it lives
 * @param escape     whether it gets out
 * @param eatenFrom  length of an animal from which on it eats them (m)
 * @param failsIn    tags of boxes in which it fails
 * @param sustains   what it needs to keep its number
 * @param law        whether it may be kept and set
 * @param note       a caution or a hint
 * @param confidence in the identity and the range of the row: high, medium, low
 */
public record CrewModel(
        CrewKind kind,
        Names names,
        double size,
        Optional<Range> humidity,
        Refuge refuge,
        Start start,
        String zone,
        String escape,
        double eatenFrom,
        List<String> failsIn,
        String sustains,
        Law law,
        Optional<String> note,
        String confidence) {

    public CrewModel {
        failsIn = List.copyOf(failsIn);
    }

    /** @param type springtail, isopod_dwarf and so on */
    public record Names(String scientific, String common, String type) {}

    /** Whether it needs a damp place in a dry box, or a dry one in a wet box. */
    public record Refuge(boolean damp, boolean dry) {}

    /** How many are set on a square metre (1/m²) for a light, a normal and a heavy load. */
    public record Start(double light, double normal, double heavy) {}

    /**
     * @param caution 0 none, 1 spreads, 2 regulated in some country
     * @param note    what is known of that
     */
    public record Law(int caution, Optional<String> note) {}

    public String id() {
        return kind.id();
    }

    /** Whether it is so small that it eats mould and crumbs: springtails and pot worms. */
    public boolean isMicro() {
        return names.type().equals("springtail") || names.type().equals("potworm");
    }

    /** Lowest share of humidity that it bears, if it lives in air. */
    public OptionalDouble leastHumidity() {
        return humidity.isPresent() ? OptionalDouble.of(humidity.get().min()) : OptionalDouble.empty();
    }

    /** Whether it fails in boxes of a kind: arid, wet, hot and so on. */
    public boolean failsIn(String tag) {
        return failsIn.contains(tag);
    }
}
