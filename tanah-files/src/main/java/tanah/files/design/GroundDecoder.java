package tanah.files.design;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import tanah.core.design.Dam;
import tanah.core.design.Ground;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Layer;
import tanah.core.design.Recipe;
import tanah.core.design.Surface;
import tanah.core.design.WaterPart;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;
import tanah.core.units.Unit;
import tools.jackson.databind.JsonNode;

/** Builds the ground, hardscape and water of a design. */
final class GroundDecoder {
    private GroundDecoder() {}

    static Ground ground(Optional<Fields> fields) {
        if (fields.isEmpty()) {
            return Ground.EMPTY;
        }
        Fields f = fields.get();
        return new Ground(
                f.objects("layers").stream().map(GroundDecoder::layer).toList(),
                f.objects("dams").stream().map(GroundDecoder::dam).toList());
    }

    private static Layer layer(Fields f) {
        return new Layer(
                f.text("id"),
                f.optionalText("kind")
                        .map(k -> Layer.Kind.valueOf(k.toUpperCase(Locale.ROOT)))
                        .orElse(Layer.Kind.SUBSTRATE),
                recipe(f.take("media")),
                region(f.take("region_cm")),
                surface(f.object("surface").orElseThrow()),
                new Layer.Options(
                        f.optional("bag_l", Unit.LITRE),
                        f.optional("bag_price", Unit.COUNT),
                        f.optional("waste_frac", Unit.SHARE),
                        f.optional("displaced_l", Unit.LITRE),
                        f.flag("aquatic"),
                        f.flag("burrow"),
                        f.flag("retained"),
                        f.flag("mesh"),
                        f.optional("needs_min_depth_cm", Unit.CENTIMETRE),
                        f.flag("accept_fertiliser"),
                        f.optional("support_frac", Unit.SHARE),
                        f.optional("void_open", Unit.SHARE)),
                f.rest());
    }

    private static Optional<Recipe> recipe(JsonNode media) {
        if (media.isMissingNode()) {
            return Optional.empty();
        }
        if (media.isString()) {
            return Optional.of(new Recipe.Named(media.asString()));
        }
        Map<String, Double> parts = new LinkedHashMap<>();
        media.properties().forEach(p -> parts.put(p.getKey(), p.getValue().asDouble()));
        return Optional.of(new Recipe.Own(parts));
    }

    static Optional<Layer.Region> region(JsonNode value) {
        if (value.isMissingNode()) {
            return Optional.empty();
        }
        if (value.get(0).isNumber()) {
            ConvexPolygon box =
                    ConvexPolygon.rectangle(cm(value.get(0)), cm(value.get(1)), cm(value.get(2)), cm(value.get(3)));
            return Optional.of(new Layer.Region(box, true));
        }
        return Optional.of(new Layer.Region(new ConvexPolygon(points(value)), false));
    }

    private static List<Point> points(JsonNode value) {
        List<Point> points = new ArrayList<>();
        value.forEach(p -> points.add(new Point(cm(p.get(0)), cm(p.get(1)))));
        return points;
    }

    private static Surface surface(Fields f) {
        return switch (f.text("type")) {
            case "thickness" -> new Surface.Thickness(f.number("thickness_cm", Unit.CENTIMETRE));
            case "level" -> new Surface.Level(f.number("top_cm", Unit.CENTIMETRE));
            case "slope" ->
                new Surface.Slope(f.number("front_cm", Unit.CENTIMETRE), f.number("back_cm", Unit.CENTIMETRE));
            case "profile" -> {
                List<Surface.Node> nodes = new ArrayList<>();
                f.take("points_cm").forEach(p -> nodes.add(new Surface.Node(cm(p.get(0)), cm(p.get(1)))));
                yield new Surface.Profile(Surface.Axis.valueOf(f.text("axis").toUpperCase(Locale.ROOT)), nodes);
            }
            default -> throw new IllegalStateException("a surface that the schema should have refused");
        };
    }

    private static Dam dam(Fields f) {
        return new Dam(
                f.text("id"),
                f.text("kind"),
                region(f.take("region_cm")).orElseThrow(),
                f.number("top_cm", Unit.CENTIMETRE),
                f.flag("watertight"),
                density(f));
    }

    static HardscapeItem hardscape(Fields f) {
        return new HardscapeItem(
                f.text("id"),
                f.optionalText("name"),
                f.optionalText("class"),
                f.optionalText("media"),
                points(f.take("outline_cm")),
                f.optional("base_z_cm", Unit.CENTIMETRE),
                f.number("height_cm", Unit.CENTIMETRE),
                f.optional("volume_l", Unit.LITRE),
                density(f),
                f.optional("mass_kg", Unit.KILOGRAM),
                f.flag("in_water"),
                f.rest());
    }

    static WaterPart water(Fields f) {
        return new WaterPart(f.optional("level_cm", Unit.CENTIMETRE), region(f.take("side_region_cm")), f.rest());
    }

    private static java.util.OptionalDouble density(Fields f) {
        java.util.OptionalDouble perLitre = f.optional("density_kg_per_l", Unit.COUNT);
        return perLitre.isPresent() ? java.util.OptionalDouble.of(perLitre.getAsDouble() * 1000) : perLitre;
    }

    private static double cm(JsonNode value) {
        return Unit.CENTIMETRE.toSi(value.asDouble());
    }
}
