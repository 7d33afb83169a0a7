package tanah.core.need;

import tanah.core.units.Unit;

/**
 * A kind of reading that a log takes. Values are kept in the unit of the kind, not in SI: what was read is a record.
 *
 * @param id         as in designs and files
 * @param unit       in which values are kept
 * @param min        lowest value that can be
 * @param max        highest value that can be
 * @param step       smallest difference that the instrument shows
 * @param needsPlace whether it is read at a place, or of the whole enclosure
 * @param of         what it says of a place, as far as needs ask for it
 * @param band       what a hobby instrument may be off, in the unit of the kind
 */
public record ReadingKind(
        String id, Unit unit, double min, double max, double step, boolean needsPlace, Of of, double band) {

    /** What a reading is taken of. */
    public enum Of {
        AIR,
        SURFACE,
        SUBSTRATE,
        WATER,
        HUMIDITY,
        /** Nothing that an animal's row has a range for. */
        OTHER;

        public boolean isTemperature() {
            return this == AIR || this == SURFACE || this == SUBSTRATE || this == WATER;
        }
    }

    public ReadingKind {
        if (!(min < max) || !(step > 0) || !(band >= 0)) {
            throw new IllegalArgumentException(id + ": " + min + " to " + max + " by " + step + ", band " + band);
        }
    }

    /** Digits behind the point that the instrument shows. */
    public int decimals() {
        return (int) Math.max(0, Math.ceil(-Math.log10(step) - 1e-9));
    }

    /** Whether its value is a temperature, also one that no need asks for. */
    public boolean isTemperature() {
        return unit == Unit.CELSIUS;
    }

    /** Whether readings of it are judged against what is wanted. */
    public boolean isJudged() {
        return of != Of.OTHER;
    }

    /** Name of its column in files; it carries the unit. */
    public String column() {
        String suffix = suffix();
        return id.endsWith(suffix) ? id : id + suffix;
    }

    private String suffix() {
        return switch (unit) {
            case CELSIUS -> "_c";
            case PERCENT -> "_pct";
            case MICROMOLE -> "_umol_m2_s";
            case LUX -> "_lx";
            case MICROSIEMENS_PER_CENTIMETRE -> "_us_cm";
            case MILLIGRAM_PER_LITRE -> "_mg_l";
            case DEGREE_HARDNESS -> "_d";
            case CENTIMETRE -> "_cm";
            case LITRE -> "_l";
            case LITRE_PER_HOUR -> "_l_h";
            case MILLILITRE -> "_ml";
            case METRE_PER_SECOND -> "_m_s";
            case WATT -> "_w";
            case GRAM -> "_g";
            case MILLIMETRE -> "_mm";
            case MILLIMETRE_PER_METRE -> "_mm_m";
            default -> "";
        };
    }
}
