package tanah.files.result;

import static tanah.files.result.EvaluationWriter.number;

import java.util.Locale;
import java.util.OptionalDouble;
import tanah.core.plant.Growth;
import tanah.core.plant.Spot;
import tanah.core.planting.Cover;
import tanah.core.planting.PlantFit;
import tanah.core.planting.Planted;
import tanah.core.units.Unit;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes how each plant does at its place, how it grows, and what they cover together. */
final class PlantingWriter {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    private static final int[] MONTHS = {0, 3, 6, 12, 24, 36};
    private static final double MICRO = 1e6;
    private static final double PERCENT = 100;

    private PlantingWriter() {}

    static ObjectNode planting(Planted planted, Cover cover) {
        ObjectNode node = JSON.objectNode();
        ArrayNode plants = node.putArray("plants");
        planted.pieces().forEach(p -> plants.add(plant(p)));
        number(node, "plantable_area_cm2", Unit.SQUARE_CENTIMETRE.fromSi(cover.area()));
        ObjectNode covered = node.putObject("cover_pct");
        for (int month : MONTHS) {
            cover.share(month).ifPresent(s -> number(covered, "month_" + month, PERCENT * s));
        }
        return node;
    }

    private static ObjectNode plant(Planted.Piece p) {
        ObjectNode node = JSON.objectNode().put("id", p.id());
        p.kind().ifPresentOrElse(k -> node.put("plant", k.id()), () -> node.putNull("plant"));
        p.fit().ifPresent(f -> fit(node, f));
        p.place()
                .ifPresent(at -> p.kind()
                        .ifPresent(k ->
                                p.fit().ifPresent(f -> node.set("place", place(at.spot(f.worst(), k.needs()))))));
        p.growth().ifPresent(g -> node.set("growth", growth(g)));
        return node;
    }

    private static void fit(ObjectNode node, PlantFit f) {
        put(node, "score", f.score());
        put(node, "score_low", f.low());
        put(node, "score_high", f.high());
        f.grade().ifPresent(g -> node.put("grade", word(g)));
        node.put("worst_day", f.worst().word());
        number(node, "animals_factor", f.animals());
        f.suitability().limiting().ifPresent(c -> node.put("limiting", word(c)));
        ObjectNode factors = node.putObject("factors");
        f.suitability().factors().forEach((c, v) -> number(factors, word(c), v));
        ArrayNode refused = node.putArray("refused");
        f.suitability().refused().forEach(r -> refused.add(word(r)));
        f.refused().forEach(r -> refused.add(word(r)));
        ArrayNode unknown = node.putArray("unknown");
        f.suitability().unknown().forEach(c -> unknown.add(word(c)));
    }

    private static ObjectNode place(Spot s) {
        ObjectNode node = JSON.objectNode().put("medium", word(s.on()));
        put(node, "dli_mol_m2_d", s.daily());
        put(node, "ppfd_peak_umol_m2_s", times(s.peak(), MICRO));
        put(node, "day_c", s.day());
        put(node, "night_c", s.night());
        put(node, "coldest_c", s.coldest());
        put(node, "hottest_c", s.hottest());
        put(node, "rh_mean_pct", times(s.humidity(), PERCENT));
        put(node, "rh_p05_pct", times(s.driest(), PERCENT));
        put(node, "water_of_field_capacity", s.moisture());
        put(node, "leaf_wet_h", s.leafHours());
        s.airflow().ifPresent(v -> node.put("airflow_class", v));
        s.drip().ifPresent(v -> node.put("drip_class", v));
        s.flood().ifPresent(v -> node.put("flood_class", v));
        put(node, "soil_cm", times(s.soil(), PERCENT));
        put(node, "headroom_cm", times(s.headroom(), PERCENT));
        put(node, "ph", s.ph());
        return node;
    }

    private static ArrayNode growth(Growth g) {
        ArrayNode all = JSON.arrayNode();
        for (int month : MONTHS) {
            ObjectNode at = all.addObject().put("month", month);
            number(at, "height_cm", Unit.CENTIMETRE.fromSi(g.height(month)));
            number(at, "spread_cm", Unit.CENTIMETRE.fromSi(g.spread(month)));
        }
        return all;
    }

    private static void put(ObjectNode node, String name, OptionalDouble value) {
        value.ifPresent(v -> number(node, name, v));
    }

    private static OptionalDouble times(OptionalDouble value, double by) {
        return value.isPresent() ? OptionalDouble.of(value.getAsDouble() * by) : value;
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }
}
