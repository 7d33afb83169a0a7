package tanah.core.testing;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Species;
import tanah.core.design.Resident;

/** Species with just the columns that a test reads; values of the collared lizard unless changed. */
public final class TestSpecies {
    private TestSpecies() {}

    /** A ground lizard of dry land. */
    public static Species lizard() {
        Map<String, Double> n = new HashMap<>();
        numbers(n, "body_length_adult_cm", 10, "total_length_adult_cm", 30, "mass_adult_g", 40);
        numbers(n, "hatchling_length_cm", 9, "months_to_adult", 18, "min_length_cm", 120, "min_depth_cm", 60);
        numbers(n, "min_height_cm", 60, "extra_floor_pct", 60, "grow_out_pct", 50, "group_max", 3, "males_max", 1);
        numbers(n, "basking_surface_min_c", 40, "basking_surface_max_c", 46, "warm_air_min_c", 29);
        numbers(n, "warm_air_max_c", 35, "cool_air_min_c", 22, "cool_air_max_c", 28, "night_min_c", 14);
        numbers(n, "night_max_c", 22, "limit_low_c", 5, "limit_high_c", 42, "rh_day_min_pct", 15);
        numbers(n, "rh_day_max_pct", 40, "rh_night_min_pct", 20, "rh_night_max_pct", 50, "needs_humid_retreat", 1);
        numbers(n, "land_fraction_min", 1, "land_fraction_max", 1, "substrate_depth_min_cm", 10);
        numbers(n, "substrate_depth_preferred_cm", 20, "burrower", 2, "must_hold_burrow", 1);
        numbers(n, "swallow_risk_min_mm", 2, "swallow_risk_max_mm", 10, "climbs", 1);
        return new Species(
                "crotaphytus-collaris",
                n,
                Map.of(
                        "scientific_name",
                        "Crotaphytus collaris",
                        "common_name",
                        "eastern collared lizard",
                        "group",
                        "lizard",
                        "biome",
                        "arid",
                        "body_measure",
                        "snout-vent",
                        "priority_axis",
                        "floor",
                        "social",
                        "pair"),
                Map.of("habit", List.of("terrestrial"), "soil_tags", List.of("arid", "sand-clay")));
    }

    /** A frog of damp, cool forest that climbs and lives in groups. */
    public static Species frog() {
        Map<String, Double> n = new HashMap<>(lizard().numbers());
        n.keySet().removeIf(k -> k.startsWith("basking") || k.equals("males_max"));
        numbers(
                n,
                "body_length_adult_cm",
                8,
                "total_length_adult_cm",
                8,
                "hatchling_length_cm",
                2,
                "months_to_adult",
                14);
        numbers(
                n,
                "min_length_cm",
                60,
                "min_depth_cm",
                45,
                "min_height_cm",
                60,
                "extra_floor_pct",
                25,
                "grow_out_pct",
                40);
        numbers(
                n,
                "group_max",
                8,
                "warm_air_min_c",
                21,
                "warm_air_max_c",
                24,
                "cool_air_min_c",
                18,
                "cool_air_max_c",
                24);
        numbers(n, "night_min_c", 16, "night_max_c", 22, "limit_low_c", 10, "limit_high_c", 26, "rh_day_min_pct", 75);
        numbers(
                n,
                "rh_day_max_pct",
                95,
                "rh_night_min_pct",
                80,
                "rh_night_max_pct",
                100,
                "water_min_c",
                18,
                "water_max_c",
                23);
        numbers(n, "land_fraction_min", 0.2, "land_fraction_max", 0.5, "substrate_depth_min_cm", 4);
        numbers(n, "substrate_depth_preferred_cm", 8, "burrower", 0, "must_hold_burrow", 0, "swallow_risk_min_mm", 4);
        numbers(n, "swallow_risk_max_mm", 15, "climbs", 2);
        return new Species(
                "theloderma-corticale",
                n,
                Map.of(
                        "scientific_name",
                        "Theloderma corticale",
                        "common_name",
                        "Vietnamese mossy frog",
                        "group",
                        "frog-toad",
                        "biome",
                        "montane-cool",
                        "body_measure",
                        "snout-vent",
                        "priority_axis",
                        "water",
                        "social",
                        "group"),
                Map.of("habit", List.of("semi-aquatic"), "soil_tags", List.of("moist", "no-fertiliser")));
    }

    /** A millipede that lives in its food. */
    public static Species millipede() {
        Species s = frog().with("burrower", 3)
                .with("substrate_depth_min_cm", 15)
                .with("substrate_depth_preferred_cm", 25)
                .with("land_fraction_min", 1)
                .with("land_fraction_max", 1)
                .with("climbs", 1)
                .with("group", "millipede")
                .with("biome", "tropical-humid")
                .with("soil_tags", List.of("deep-humus", "no-fertiliser"));
        return new Species("archispirostreptus-gigas", s.numbers(), s.texts(), s.lists());
    }

    /** So many animals of a species, nothing else known. */
    public static Inhabitant inhabitant(Species species, int count) {
        Resident one = Resident.one("animals", species.id());
        return new Inhabitant(one.withCount(count, one.males()), species, species);
    }

    private static void numbers(Map<String, Double> into, Object... pairs) {
        for (int i = 0; i < pairs.length; i += 2) {
            into.put((String) pairs[i], ((Number) pairs[i + 1]).doubleValue());
        }
    }
}
