package tanah.files.design;

import java.util.List;
import tanah.core.design.Dam;
import tanah.core.design.Layer;
import tanah.core.design.Recipe;
import tanah.core.design.Surface;
import tanah.core.geometry.Point;
import tanah.core.units.Unit;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes layers and walls, and where on the floor they are. */
final class GroundWriter {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    private GroundWriter() {}

    static ObjectNode layer(Layer l) {
        ObjectNode node = JSON.objectNode().put("id", l.id()).put("kind", DesignWriter.word(l.kind()));
        l.media().ifPresent(m -> node.set("media", recipe(m)));
        l.region().ifPresent(r -> node.set("region_cm", region(r)));
        node.set("surface", surface(l.surface()));
        Layer.Options o = l.options();
        DesignWriter.put(node, "bag_l", o.bagVolume(), Unit.LITRE);
        DesignWriter.put(node, "bag_price", o.bagPrice(), Unit.COUNT);
        DesignWriter.put(node, "waste_frac", o.waste(), Unit.SHARE);
        DesignWriter.put(node, "displaced_l", o.displaced(), Unit.LITRE);
        DesignWriter.put(node, "aquatic", o.aquatic());
        DesignWriter.put(node, "burrow", o.burrow());
        DesignWriter.put(node, "retained", o.retained());
        DesignWriter.put(node, "mesh", o.mesh());
        DesignWriter.put(node, "mesh_hole_mm", o.meshHole(), Unit.MILLIMETRE);
        DesignWriter.put(node, "needs_min_depth_cm", o.needsMinDepth(), Unit.CENTIMETRE);
        DesignWriter.put(node, "accept_fertiliser", o.acceptFertiliser());
        DesignWriter.put(node, "support_frac", o.supportShare(), Unit.SHARE);
        DesignWriter.put(node, "void_open", o.voidOpen(), Unit.SHARE);
        DesignWriter.keep(node, l.kept());
        return node;
    }

    private static JsonNode recipe(Recipe recipe) {
        if (recipe instanceof Recipe.Named named) {
            return JSON.stringNode(named.id());
        }
        if (recipe instanceof Recipe.Own own) {
            ObjectNode parts = JSON.objectNode();
            own.parts().forEach((id, part) -> parts.put(id, DesignWriter.decimal(part)));
            return parts;
        }
        throw new IllegalStateException("unknown recipe " + recipe);
    }

    static ArrayNode region(Layer.Region region) {
        ArrayNode node = JSON.arrayNode();
        List<Point> corners = region.outline().corners();
        if (region.rectangle()) {
            for (double v : new double[] {
                corners.get(0).x(),
                corners.get(0).y(),
                corners.get(2).x(),
                corners.get(2).y()
            }) {
                node.add(DesignWriter.cm(v));
            }
            return node;
        }
        return outline(corners);
    }

    static ArrayNode outline(List<Point> corners) {
        ArrayNode node = JSON.arrayNode();
        corners.forEach(p -> node.addArray().add(DesignWriter.cm(p.x())).add(DesignWriter.cm(p.y())));
        return node;
    }

    static ArrayNode shares(List<Point> corners) {
        ArrayNode node = JSON.arrayNode();
        corners.forEach(p -> node.addArray().add(DesignWriter.decimal(p.x())).add(DesignWriter.decimal(p.y())));
        return node;
    }

    private static ObjectNode surface(Surface surface) {
        ObjectNode node = JSON.objectNode();
        if (surface instanceof Surface.Thickness t) {
            return node.put("type", "thickness").put("thickness_cm", DesignWriter.cm(t.thickness()));
        }
        if (surface instanceof Surface.Level l) {
            return node.put("type", "level").put("top_cm", DesignWriter.cm(l.top()));
        }
        if (surface instanceof Surface.Slope s) {
            return node.put("type", "slope")
                    .put("front_cm", DesignWriter.cm(s.front()))
                    .put("back_cm", DesignWriter.cm(s.back()));
        }
        if (surface instanceof Surface.Profile p) {
            node.put("type", "profile").put("axis", DesignWriter.word(p.axis()));
            ArrayNode points = node.putArray("points_cm");
            p.nodes()
                    .forEach(n ->
                            points.addArray().add(DesignWriter.cm(n.along())).add(DesignWriter.cm(n.height())));
            return node;
        }
        throw new IllegalStateException("unknown surface " + surface);
    }

    static ObjectNode dam(Dam d) {
        ObjectNode node = JSON.objectNode().put("id", d.id()).put("kind", d.kind());
        node.set("region_cm", region(d.region()));
        node.put("top_cm", DesignWriter.cm(d.top()));
        DesignWriter.put(node, "watertight", d.watertight());
        DesignWriter.putDensity(node, d.density());
        return node;
    }
}
