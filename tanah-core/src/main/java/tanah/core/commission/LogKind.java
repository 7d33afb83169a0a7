package tanah.core.commission;

/**
 * A kind of reading that a log takes. Values are kept in the unit of the list, not in SI: what was read is a record.
 *
 * @param id        as in designs and files
 * @param unit      as the list writes it, such as degC or mg/l
 * @param min       lowest value that can be
 * @param max       highest value that can be
 * @param step      smallest difference that the instrument shows
 * @param needsPlace whether it is read at a place, or of the whole enclosure
 */
public record LogKind(String id, String unit, double min, double max, double step, boolean needsPlace) {
    public LogKind {
        if (!(min < max) || !(step > 0)) {
            throw new IllegalArgumentException(id + ": " + min + " to " + max + " by " + step);
        }
    }

    /** Digits behind the point that the instrument shows. */
    public int decimals() {
        return (int) Math.max(0, Math.ceil(-Math.log10(step) - 1e-9));
    }

    public boolean isTemperature() {
        return unit.equals("degC");
    }

    /** The unit as the name of a column carries it; empty for plain numbers. */
    public String suffix() {
        return switch (unit) {
            case "degC" -> "_c";
            case "percent" -> "_pct";
            case "umol/m2/s" -> "_umol_m2_s";
            case "lx" -> "_lx";
            case "uS/cm" -> "_us_cm";
            case "mg/l" -> "_mg_l";
            case "dGH", "dKH" -> "_d";
            case "cm" -> id.endsWith("_cm") ? "" : "_cm";
            case "l" -> "_l";
            case "l/h" -> "_l_h";
            case "ml" -> id.endsWith("_ml") ? "" : "_ml";
            case "m/s" -> "_m_s";
            case "W" -> "_w";
            case "g" -> id.endsWith("_g") ? "" : "_g";
            case "mm" -> id.endsWith("_mm") ? "" : "_mm";
            case "mm/m" -> "_mm_m";
            default -> "";
        };
    }

    /** Name of its column in files. */
    public String column() {
        return id + suffix();
    }
}
