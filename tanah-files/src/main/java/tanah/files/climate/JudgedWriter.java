package tanah.files.climate;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import tanah.core.climate.DayCourse;
import tanah.core.climate.Places;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** What a day is judged by: statistics of basking, ends, night, humidity and water, and the extremes of a quarter of an hour. */
final class JudgedWriter {
    private static final double TENTH = 0.1;
    private static final double QUARTER = 0.25; // h

    private JudgedWriter() {}

    static ObjectNode of(DayCourse d, int waters) {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        ToDoubleFunction<DayCourse.Sample> basking =
                s -> s.places().baskingSurface().orElse(Double.NaN);
        List<DayCourse.Sample> bask = d.basking(basking);
        CaseWriter.put(node, "basking_hours", bask.size() * 24.0 / d.samples().size());
        CaseWriter.put(
                node,
                "basking_surface_mean_c",
                bask.stream().mapToDouble(basking).average().orElse(Double.NaN));
        percentiles(node, "warm_air", d, true, Places::warmAir);
        percentiles(node, "cool_air", d, true, Places::coolAir);
        percentiles(node, "night_air", d, false, Places::meanAir);
        CaseWriter.put(
                node, "day_rh_mean_pct", 100 * d.mean(true, s -> s.places().meanHumidity()));
        CaseWriter.put(
                node, "night_rh_mean_pct", 100 * d.mean(false, s -> s.places().meanHumidity()));
        for (int w = 0; w < waters; w++) {
            int body = w;
            ToDoubleFunction<DayCourse.Sample> water = s -> s.places().water(body);
            CaseWriter.put(
                    node, "water_" + w + "_low_c", d.block(1, false, water).mean());
            CaseWriter.put(
                    node, "water_" + w + "_high_c", d.block(1, true, water).mean());
        }
        limited().forEach((name, place) -> limits(node, name, d, place));
        return node;
    }

    /** Whether the lowest and the highest quarter of an hour of a place keep to its limits. */
    static String verdict(CaseReader.Limit limit, DayCourse d, ToDoubleFunction<DayCourse.Sample> value) {
        double high = d.block(QUARTER, true, value).mean();
        double low = d.block(QUARTER, false, value).mean();
        if (Double.isNaN(high) || Double.isNaN(low)) {
            return "not assessed";
        }
        return high > limit.high() ? "above" : low < limit.low() ? "below" : "within";
    }

    /** Places whose extremes are printed. */
    static Map<String, ToDoubleFunction<Places>> limited() {
        Map<String, ToDoubleFunction<Places>> all = new LinkedHashMap<>();
        all.put("basking_surface", p -> p.baskingSurface().orElse(Double.NaN));
        all.put("ground_max", p -> p.groundMax().orElse(Double.NaN));
        all.put("ground_min", p -> p.groundMin().orElse(Double.NaN));
        all.put("warm_air", Places::warmAir);
        all.put("cool_air", Places::coolAir);
        all.put("top_air", Places::topAir);
        all.put("mean_air", Places::meanAir);
        return all;
    }

    private static void percentiles(
            ObjectNode node, String name, DayCourse d, boolean lit, ToDoubleFunction<Places> place) {
        ToDoubleFunction<DayCourse.Sample> value = s -> place.applyAsDouble(s.places());
        d.quantile(lit, TENTH, value).ifPresent(v -> CaseWriter.put(node, name + "_p10_c", v));
        d.quantile(lit, 1 - TENTH, value).ifPresent(v -> CaseWriter.put(node, name + "_p90_c", v));
    }

    private static void limits(ObjectNode node, String name, DayCourse d, ToDoubleFunction<Places> place) {
        ToDoubleFunction<DayCourse.Sample> value = s -> place.applyAsDouble(s.places());
        DayCourse.Block high = d.block(QUARTER, true, value);
        CaseWriter.put(
                node, "limit_" + name + "_low_c", d.block(QUARTER, false, value).mean());
        CaseWriter.put(node, "limit_" + name + "_high_c", high.mean());
        CaseWriter.put(node, "limit_" + name + "_high_at_h", high.from());
    }
}
