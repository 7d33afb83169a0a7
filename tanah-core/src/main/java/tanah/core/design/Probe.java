package tanah.core.design;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A place where readings are taken.
 *
 * @param id    in the document
 * @param name  for people
 * @param kind  air, surface, platform, water, soil, uvi, plant or room
 * @param zone  which of the animal's ranges is wanted there; not given: the whole gradient
 * @param x     from the left (m)
 * @param y     from the front (m)
 * @param z     above the inner base (m)
 * @param on    hardscape it lies on
 * @param reads kinds of readings taken there
 */
public record Probe(
        String id,
        Optional<String> name,
        Kind kind,
        Optional<Zone> zone,
        OptionalDouble x,
        OptionalDouble y,
        OptionalDouble z,
        Optional<String> on,
        List<String> reads) {
    public Probe {
        reads = List.copyOf(reads);
    }

    /** The name for people, or the id. */
    public String label() {
        return name.orElse(id);
    }

    /** What it is fixed to. */
    public enum Kind {
        AIR,
        SURFACE,
        PLATFORM,
        WATER,
        SOIL,
        UVI,
        PLANT,
        ROOM
    }

    /** Part of the gradient. */
    public enum Zone {
        BASKING,
        WARM,
        COOL,
        RETREAT
    }

    /** The same place under another name. */
    public Probe withName(String changed) {
        return new Probe(id, Optional.of(changed), kind, zone, x, y, z, on, reads);
    }
}
