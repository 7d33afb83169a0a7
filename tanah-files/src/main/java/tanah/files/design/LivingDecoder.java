package tanah.files.design;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import tanah.core.design.CrewChoice;
import tanah.core.design.PlantPiece;
import tanah.core.design.Planting;
import tanah.core.plant.Reach;
import tanah.core.plant.RootPlace;
import tanah.core.units.Unit;
import tools.jackson.databind.JsonNode;

/** Plants and crew of a design. */
final class LivingDecoder {
    private LivingDecoder() {}

    static PlantPiece plant(Fields f) {
        JsonNode kind = f.take("plant");
        return new PlantPiece(
                f.text("id"),
                kind.isNull() ? Optional.empty() : Optional.of(kind.asString()),
                f.optionalText("name"),
                f.optionalText("medium")
                        .map(m -> RootPlace.valueOf(m.toUpperCase(Locale.ROOT)))
                        .orElse(RootPlace.SOIL),
                f.optionalText("on"),
                f.optionalText("reach")
                        .map(r -> Reach.valueOf(r.toUpperCase(Locale.ROOT)))
                        .orElse(Reach.OPEN),
                f.optional("x_cm", Unit.CENTIMETRE),
                f.optional("y_cm", Unit.CENTIMETRE),
                f.optional("z_cm", Unit.CENTIMETRE),
                new PlantPiece.Size(
                        f.optional("height_cm", Unit.CENTIMETRE),
                        f.optional("spread_cm", Unit.CENTIMETRE),
                        f.optional("area_cm2", Unit.SQUARE_CENTIMETRE)),
                new PlantPiece.Leaf(f.optional("lai", Unit.COUNT), f.optional("k_ext", Unit.COUNT)));
    }

    static Planting planting(Fields f) {
        Map<String, Double> weights = new LinkedHashMap<>();
        f.take("weights")
                .properties()
                .forEach(w -> weights.put(w.getKey(), w.getValue().asDouble()));
        List<String> candidates =
                f.take("candidates").valueStream().map(JsonNode::asString).toList();
        List<String> without =
                f.take("without").valueStream().map(JsonNode::asString).toList();
        return new Planting(
                f.optional("cover_min_pct", Unit.PERCENT),
                f.optional("cover_max_pct", Unit.PERCENT),
                candidates,
                without,
                f.optional("budget_ref", Unit.COUNT),
                weights);
    }

    static CrewChoice crew(Fields f) {
        return new CrewChoice(
                f.objects("doses").stream().map(LivingDecoder::dose).toList(),
                f.objects("refuges").stream().map(LivingDecoder::refuge).toList(),
                f.optional("spot_frac", Unit.SHARE),
                f.optional("litter_min_g_per_m2", Unit.GRAM));
    }

    private static CrewChoice.Dose dose(Fields f) {
        return new CrewChoice.Dose(
                f.text("id"),
                f.text("species"),
                f.optionalInt("count"),
                f.optional("cultures", Unit.COUNT),
                f.optional("refuge_frac", Unit.SHARE),
                f.optional("week", Unit.COUNT));
    }

    private static CrewChoice.Refuge refuge(Fields f) {
        return new CrewChoice.Refuge(
                f.text("id"),
                f.text("kind").equals("humid"),
                GroundDecoder.region(f.take("region_cm")),
                f.optional("w_ffc", Unit.SHARE));
    }
}
