package tanah.web.catalogue;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import tanah.core.catalogue.SpeciesSources;
import tanah.files.catalogue.Kind;

/** Which columns belong together on an entry's page, and which column says where their values come from. */
final class ColumnGroups {
    private static final Map<Kind, Map<String, Pattern>> GROUPS = new EnumMap<>(Kind.class);

    static {
        put(
                Kind.ANIMALS,
                "who",
                "scientific_name|common_name|group|habit|activity|biome|native_region.*|level|longevity.*|legal|keeper_hazard|notes",
                "size",
                "body_.*|total_.*|mass_.*|hatchling.*|months_.*|min_.*|extra_.*|priority.*|grow_out.*|reach.*",
                "company",
                "social.*|group_max|males_max|breeding.*|nervous",
                "climate",
                "basking.*|warm.*|cool.*|night.*|limit.*|brumation.*|rh_.*|needs_.*|misting.*",
                "light",
                "uv.*|light.*|photoperiod.*",
                "water",
                "water.*|land.*|swims|drowning.*|current.*|waste.*",
                "ground",
                "substrate.*|burrower|must_.*|swallow.*|soil.*|climbs|perch.*|hides.*|escape|gap.*|cover_.*",
                "rest",
                ".*");
        put(
                Kind.PLANTS,
                "who",
                "scientific_name|common_name|synonyms|family|growth_form|group|native.*|biome.*|positions|confidence|note",
                "growth",
                "height.*|spread.*|growth_class|density.*",
                "light",
                "dli.*|ppfd.*",
                "climate",
                "temp.*|night.*|winter.*|rh_.*|airflow.*|leaf_wet.*",
                "water",
                "moist.*|dry_.*|drip.*|flood.*",
                "ground",
                "soil.*|root.*|ph_.*|lime",
                "touch",
                "trample.*|climb.*|shade.*|low_hide|tox.*|sap.*|spine.*|invasive.*",
                "handling",
                ".*");
        put(
                Kind.CREW,
                "who",
                "scientific_name|common_name|synonyms|type|medium|size.*|dry_mass.*|fresh_mass.*|legal.*|confidence|note",
                "climate",
                "temp.*|rh_.*|moist.*|humid_.*|dry_refuge.*|zone|fails.*",
                "appetite",
                ".*");
    }

    private ColumnGroups() {}

    /** Names of groups and the columns in them by turns; a column is in the first that takes it. */
    private static void put(Kind kind, String... namesAndColumns) {
        Map<String, Pattern> groups = new LinkedHashMap<>();
        for (int i = 0; i < namesAndColumns.length; i += 2) {
            groups.put(namesAndColumns[i], Pattern.compile(namesAndColumns[i + 1]));
        }
        GROUPS.put(kind, groups);
    }

    static Map<String, List<String>> of(Kind kind, List<String> columns) {
        Map<String, Pattern> wanted = GROUPS.getOrDefault(kind, Map.of("all", Pattern.compile(".*")));
        Map<String, List<String>> groups = new LinkedHashMap<>();
        wanted.keySet().forEach(g -> groups.put(g, new ArrayList<>()));
        for (String column : columns) {
            wanted.entrySet().stream()
                    .filter(g -> g.getValue().matcher(column).matches())
                    .findFirst()
                    .ifPresent(g ->
                            groups.getOrDefault(g.getKey(), new ArrayList<>()).add(column));
        }
        return groups;
    }

    static boolean isProvenance(String column) {
        return column.endsWith("_source") || column.contains("provenance") || column.startsWith("prov_");
    }

    /** The column that says where a column's value comes from. */
    static String provenance(Kind kind, String column) {
        return switch (kind) {
            case ANIMALS -> SpeciesSources.columnFor(column);
            case PLANTS -> plant(column);
            case CREW -> crew(column);
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

    private static String plant(String column) {
        String group = of(Kind.PLANTS, List.of(column)).entrySet().stream()
                .filter(g -> !g.getValue().isEmpty())
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse("");
        return switch (group) {
            case "who" -> "prov_identity";
            case "growth" -> "prov_size_growth";
            case "light" -> "prov_light";
            case "climate" -> "prov_climate";
            case "water", "ground" -> "prov_water";
            case "touch" ->
                column.startsWith("tox")
                        ? "prov_toxicity"
                        : column.startsWith("invasive") ? "prov_invasive" : "prov_strength_cover";
            default -> "prov_handling";
        };
    }

    private static String crew(String column) {
        if (column.matches("temp.*|rh_.*|moist.*|humid_.*|dry_refuge.*|zone|fails.*|self.*")) {
            return "prov_climate";
        }
        if (column.matches("litter.*|waste.*|protein.*")) {
            return "prov_consumption";
        }
        if (column.matches("start.*|capacity.*")) {
            return "prov_density";
        }
        return column.matches("brood.*|doubling.*|q10|eaten.*") ? "prov_life_history" : "prov_identity";
    }
}
