package tanah.web.catalogue;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import tanah.core.catalogue.SpeciesSources;
import tanah.files.catalogue.Kind;

/** Which columns belong together on an entry's page, and which column says where their values come from. */
final class ColumnGroups {
    private static final Map<String, Pattern> ANIMALS = new LinkedHashMap<>();

    static {
        ANIMALS.put(
                "who",
                Pattern.compile(
                        "scientific_name|common_name|group|habit|activity|biome|native_region.*|level|longevity.*|legal|keeper_hazard|notes"));
        ANIMALS.put(
                "size",
                Pattern.compile(
                        "body_.*|total_.*|mass_.*|hatchling.*|months_.*|min_.*|extra_.*|priority.*|grow_out.*|reach.*"));
        ANIMALS.put("company", Pattern.compile("social.*|group_max|males_max|breeding.*|nervous"));
        ANIMALS.put(
                "climate",
                Pattern.compile("basking.*|warm.*|cool.*|night.*|limit.*|brumation.*|rh_.*|needs_.*|misting.*"));
        ANIMALS.put("light", Pattern.compile("uv.*|light.*|photoperiod.*"));
        ANIMALS.put("water", Pattern.compile("water.*|land.*|swims|drowning.*|current.*|waste.*"));
        ANIMALS.put(
                "ground",
                Pattern.compile(
                        "substrate.*|burrower|must_.*|swallow.*|soil.*|climbs|perch.*|hides.*|escape|gap.*|cover_.*"));
    }

    private ColumnGroups() {}

    static Map<String, List<String>> of(Kind kind, List<String> columns) {
        Map<String, List<String>> groups = new LinkedHashMap<>();
        if (kind != Kind.ANIMALS) {
            groups.put("all", columns);
            return groups;
        }
        ANIMALS.keySet().forEach(g -> groups.put(g, new ArrayList<>()));
        groups.put("rest", new ArrayList<>());
        for (String column : columns) {
            String group = ANIMALS.entrySet().stream()
                    .filter(g -> g.getValue().matcher(column).matches())
                    .map(Map.Entry::getKey)
                    .findFirst()
                    .orElse("rest");
            groups.get(group).add(column);
        }
        return groups;
    }

    static boolean isProvenance(String column) {
        return column.endsWith("_source") || column.contains("provenance");
    }

    /** The column that says where a column's value comes from. */
    static String provenance(Kind kind, String column) {
        return switch (kind) {
            case ANIMALS -> SpeciesSources.columnFor(column);
            case MIXES, HEATERS, WATERGEAR, MOISTURE, CONSTRUCTION -> "provenance";
            case LAMPS ->
                column.startsWith("uvi_")
                        ? "uvi_provenance"
                        : column.startsWith("min_distance")
                                ? "distance_provenance"
                                : column.matches("ppf.*|luminous.*|cct.*|cri.*")
                                        ? "photometric_provenance"
                                        : "spectrum_provenance";
            case MEDIA ->
                column.contains("density")
                        ? "provenance_density"
                        : column.matches("theta.*|void.*|field.*|fc_.*|wilting.*|air_.*|capillary.*")
                                ? "provenance_water"
                                : "provenance_other";
            case VESSELS ->
                column.contains("mass")
                        ? "mass_provenance"
                        : column.contains("capacity") || column.contains("nominal")
                                ? "capacity_provenance"
                                : "dims_provenance";
        };
    }
}
