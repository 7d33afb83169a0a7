package tanah.files.climate;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import tanah.files.schema.Problem;
import tools.jackson.databind.JsonNode;

/** Whether the limits of a case are of places that it has, and are two ends in order. */
final class CaseLimits {
    private static final List<String> ALWAYS = List.of(
            "warm_air_c",
            "cool_air_c",
            "warm_rh_pct",
            "cool_rh_pct",
            "mid_air_c",
            "top_air_c",
            "mean_air_c",
            "mean_rh_pct",
            "mean_w_g_kg",
            "front_glass_min_c",
            "front_margin_k",
            "ground_max_c",
            "ground_min_c",
            "cool_ground_c",
            "warm_ground_c",
            "basking_surface_c",
            "basking_air_c");

    private CaseLimits() {}

    static List<Problem> problems(JsonNode document, int waters) {
        List<Problem> found = new ArrayList<>();
        Set<String> places = places(document, waters);
        document.path("limits").properties().forEach(e -> {
            String at = "/limits/" + e.getKey();
            if (!places.contains(e.getKey())) {
                found.add(new Problem(at, "there is no such place", String.join(", ", places)));
            }
            if (!isPair(e.getValue())) {
                found.add(new Problem(at, "these are not two ends, the lower first", "such as [18, 28] or [null, 28]"));
            }
        });
        return found;
    }

    private static Set<String> places(JsonNode document, int waters) {
        Set<String> places = new LinkedHashSet<>(ALWAYS);
        document.path("platforms")
                .forEach(p -> places.add("platform_" + p.path("name").asString() + "_c"));
        for (int i = 0; i < waters; i++) {
            places.add("water_" + i + "_c");
        }
        if (document.has("hide")) {
            places.add("hide_rh_pct");
        }
        return places;
    }

    private static boolean isPair(JsonNode pair) {
        if (!pair.isArray() || pair.size() != 2) {
            return false;
        }
        JsonNode low = pair.path(0);
        JsonNode high = pair.path(1);
        boolean ends = (low.isNumber() || low.isNull()) && (high.isNumber() || high.isNull());
        return ends && (low.isNull() || high.isNull() || low.asDouble() <= high.asDouble());
    }
}
