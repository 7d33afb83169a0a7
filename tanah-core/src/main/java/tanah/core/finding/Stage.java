package tanah.core.finding;

import java.util.Locale;

/** The parts of a design in working order, then what follows the design. */
public enum Stage {
    ANIMAL,
    VESSEL,
    GROUND,
    HARDSCAPE,
    WATER,
    HEAT,
    AIR,
    PLANTING,
    CREW,
    BUILD,
    COMMISSION,
    LOG;

    /** The word in paths and results. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Place in the working order, from 1. */
    public int number() {
        return ordinal() + 1;
    }
}
