package tanah.files.catalogue;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tanah.core.catalogue.Species;

/** Builds species from rows and checks what a schema cannot say. */
final class SpeciesReader {
    private static final String[][] RANGES = {
        {"basking_surface_min_c", "basking_surface_max_c"},
        {"warm_air_min_c", "warm_air_max_c"},
        {"cool_air_min_c", "cool_air_max_c"},
        {"night_min_c", "night_max_c"},
        {"limit_low_c", "limit_high_c"},
        {"water_min_c", "water_max_c"},
        {"rh_day_min_pct", "rh_day_max_pct"},
        {"rh_night_min_pct", "rh_night_max_pct"},
        {"uvi_bask_min", "uvi_bask_max"},
        {"land_fraction_min", "land_fraction_max"},
        {"substrate_depth_min_cm", "substrate_depth_preferred_cm"},
        {"swallow_risk_min_mm", "swallow_risk_max_mm"},
        {"perch_min_cm", "perch_max_cm"},
        {"min_depth_cm", "min_length_cm"},
        {"hatchling_length_cm", "total_length_adult_cm"},
        {"photoperiod_winter_h", "photoperiod_summer_h"},
    };

    private SpeciesReader() {}

    static Species species(Row row) {
        Map<String, Double> numbers = new LinkedHashMap<>();
        Map<String, String> texts = new LinkedHashMap<>();
        Map<String, List<String>> lists = new LinkedHashMap<>();
        row.json().properties().forEach(cell -> {
            if (cell.getValue().isNumber()) {
                numbers.put(cell.getKey(), cell.getValue().asDouble());
            } else if (cell.getValue().isArray()) {
                lists.put(cell.getKey(), row.list(cell.getKey()));
            } else {
                texts.put(cell.getKey(), cell.getValue().asString());
            }
        });
        return new Species(row.text("id"), numbers, texts, lists);
    }

    /** Rules across cells of one row. */
    static void check(Row row, List<CatalogueProblem> problems) {
        for (String[] range : RANGES) {
            if (row.has(range[0]) && row.has(range[1]) && row.number(range[0]) > row.number(range[1])) {
                problems.add(row.problem(range[0], "is over " + range[1], "at most " + row.number(range[1])));
            }
        }
        for (String both : List.of("basking_surface_%s_c", "water_%s_c", "uvi_bask_%s", "swallow_risk_%s_mm")) {
            if (row.has(both.formatted("min")) != row.has(both.formatted("max"))) {
                problems.add(row.problem(both.formatted("min"), "one end of a range is empty", "both ends or none"));
            }
        }
        climate(row, problems);
        if (row.number("uv_zone") >= 1 && !row.has("uvi_bask_max")) {
            problems.add(row.problem("uvi_bask_max", "a UV zone without UV index", "a UV index"));
        }
        if (row.number("land_fraction_min") < 1 && !row.has("water_depth_max_cm")) {
            problems.add(row.problem("water_depth_max_cm", "a water part without depth", "a depth"));
        }
        if (row.has("diet_shares")) {
            double sum = row.parts("diet_shares").values().stream()
                    .mapToDouble(Double::doubleValue)
                    .sum();
            if (Math.abs(sum - 1) > 0.01) {
                problems.add(row.problem("diet_shares", "adds up to " + sum, "shares that add up to 1"));
            }
        }
    }

    private static void climate(Row row, List<CatalogueProblem> problems) {
        if (row.number("night_min_c") - row.number("limit_low_c") < 3) {
            problems.add(row.problem("limit_low_c", "less than 3 K under the night minimum", "3 K under it or more"));
        }
        if (row.number("night_max_c") > row.number("warm_air_max_c")) {
            problems.add(row.problem("night_max_c", "a night over the day", "at most warm_air_max_c"));
        }
        if (row.number("cool_air_max_c") > row.number("warm_air_max_c")
                || row.number("cool_air_min_c") > row.number("warm_air_min_c")) {
            problems.add(row.problem("cool_air_max_c", "a cool end over the warm end", "at most the warm end"));
        }
        for (String column : List.of("warm_air_max_c", "cool_air_max_c", "night_max_c")) {
            if (row.number(column) > row.number("limit_high_c")) {
                problems.add(row.problem(column, "over limit_high_c", "at most " + row.number("limit_high_c")));
            }
        }
        if (!row.has("basking_surface_max_c") && row.number("limit_high_c") - row.number("warm_air_max_c") < 2) {
            problems.add(row.problem("limit_high_c", "less than 2 K over the warm air", "2 K over it or more"));
        }
        if (row.has("basking_surface_max_c")) {
            double over = row.number("basking_surface_max_c") - row.number("warm_air_max_c");
            if (over < 2 || over > 35) {
                problems.add(row.problem(
                        "basking_surface_max_c", over + " K over the warm air", "2 to 35 K over the warm air"));
            }
        }
    }
}
