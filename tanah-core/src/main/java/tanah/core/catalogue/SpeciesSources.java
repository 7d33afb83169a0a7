package tanah.core.catalogue;

import java.util.regex.Pattern;

/** Which provenance column speaks for which columns of a species. */
public final class SpeciesSources {
    private static final Pattern CLIMATE =
            Pattern.compile("(basking|warm|cool|night|limit|brumation|rh)_.*|needs_humid_retreat|needs_dry_spells");
    private static final Pattern UV = Pattern.compile("uv.*|light_.*|photoperiod_.*");
    private static final Pattern SOCIAL = Pattern.compile("social|group_max|males_max|extra_floor_pct");
    private static final Pattern WATER =
            Pattern.compile("water_.*|land_fraction_.*|swims|drowning_risk|current_.*|waste_class");
    private static final Pattern GROUND =
            Pattern.compile("substrate_.*|burrower|must_hold_burrow|swallow_.*|soil_tags|climbs|perch_.*|hides_.*");

    private SpeciesSources() {}

    /** The column that holds the source of a column. */
    public static String columnFor(String column) {
        return sourceColumn(column);
    }

    static String sourceColumn(String column) {
        if (CLIMATE.matcher(column).matches()) {
            return "climate_source";
        }
        if (UV.matcher(column).matches()) {
            return "uv_source";
        }
        if (SOCIAL.matcher(column).matches()) {
            return "social_source";
        }
        if (WATER.matcher(column).matches()) {
            return "water_source";
        }
        return GROUND.matcher(column).matches() ? "ground_source" : "size_source";
    }
}
