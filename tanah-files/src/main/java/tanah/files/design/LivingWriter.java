package tanah.files.design;

import static tanah.files.design.DesignWriter.decimal;
import static tanah.files.design.DesignWriter.list;
import static tanah.files.design.DesignWriter.put;
import static tanah.files.design.DesignWriter.word;

import java.util.TreeMap;
import tanah.core.design.CrewChoice;
import tanah.core.design.PlantPiece;
import tanah.core.design.Planting;
import tanah.core.units.Unit;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes plants and crew of a design. */
final class LivingWriter {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    private LivingWriter() {}

    static ObjectNode plant(PlantPiece p) {
        ObjectNode node = JSON.objectNode().put("id", p.id());
        p.kind().ifPresentOrElse(k -> node.put("plant", k), () -> node.putNull("plant"));
        p.name().ifPresent(n -> node.put("name", n));
        node.put("medium", word(p.medium()));
        p.on().ifPresent(o -> node.put("on", o));
        node.put("reach", word(p.reach()));
        put(node, "x_cm", p.x(), Unit.CENTIMETRE);
        put(node, "y_cm", p.y(), Unit.CENTIMETRE);
        put(node, "z_cm", p.z(), Unit.CENTIMETRE);
        put(node, "height_cm", p.size().height(), Unit.CENTIMETRE);
        put(node, "spread_cm", p.size().spread(), Unit.CENTIMETRE);
        put(node, "area_cm2", p.size().area(), Unit.SQUARE_CENTIMETRE);
        put(node, "lai", p.leaf().area(), Unit.COUNT);
        put(node, "k_ext", p.leaf().extinction(), Unit.COUNT);
        return node;
    }

    static ObjectNode planting(Planting p) {
        ObjectNode node = JSON.objectNode();
        put(node, "cover_min_pct", p.coverMin(), Unit.PERCENT);
        put(node, "cover_max_pct", p.coverMax(), Unit.PERCENT);
        if (!p.candidates().isEmpty()) {
            ArrayNode kinds = node.putArray("candidates");
            p.candidates().forEach(kinds::add);
        }
        if (!p.without().isEmpty()) {
            ArrayNode kinds = node.putArray("without");
            p.without().forEach(kinds::add);
        }
        put(node, "budget_ref", p.budget(), Unit.COUNT);
        if (!p.weights().isEmpty()) {
            ObjectNode weights = node.putObject("weights");
            new TreeMap<>(p.weights()).forEach((name, weight) -> weights.put(name, decimal(weight)));
        }
        return node;
    }

    static ObjectNode crew(CrewChoice c) {
        ObjectNode node = JSON.objectNode();
        list(node, "doses", c.doses(), LivingWriter::dose);
        list(node, "refuges", c.refuges(), LivingWriter::refuge);
        put(node, "spot_frac", c.spot(), Unit.SHARE);
        put(node, "litter_min_g_per_m2", c.litterMin(), Unit.GRAM);
        return node;
    }

    private static ObjectNode dose(CrewChoice.Dose d) {
        ObjectNode node = JSON.objectNode().put("id", d.id()).put("species", d.species());
        d.count().ifPresent(n -> node.put("count", n));
        put(node, "cultures", d.cultures(), Unit.COUNT);
        put(node, "refuge_frac", d.hidden(), Unit.SHARE);
        put(node, "week", d.week(), Unit.COUNT);
        return node;
    }

    private static ObjectNode refuge(CrewChoice.Refuge r) {
        ObjectNode node = JSON.objectNode().put("id", r.id()).put("kind", r.damp() ? "humid" : "dry");
        r.region().ifPresent(region -> node.set("region_cm", GroundWriter.region(region)));
        put(node, "w_ffc", r.wetness(), Unit.SHARE);
        return node;
    }
}
