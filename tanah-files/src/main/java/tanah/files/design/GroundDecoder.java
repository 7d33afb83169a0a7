package tanah.files.design;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import tanah.core.design.ChangeSchedule;
import tanah.core.design.Dam;
import tanah.core.design.Fixing;
import tanah.core.design.Ground;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Layer;
import tanah.core.design.PieceForm;
import tanah.core.design.PieceLook;
import tanah.core.design.Ramp;
import tanah.core.design.Recipe;
import tanah.core.design.Surface;
import tanah.core.design.Tap;
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
                        f.optional("mesh_hole_mm", Unit.MILLIMETRE),
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

    private static List<Point> shares(JsonNode value) {
        List<Point> points = new ArrayList<>();
        value.forEach(p -> points.add(new Point(p.get(0).asDouble(), p.get(1).asDouble())));
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
                fixing(f),
                f.object("hide").map(h -> new HardscapeItem.Hide(h.text("kind"), h.rest())),
                look(f),
                f.rest());
    }

    private static Optional<PieceLook> look(Fields f) {
        return f.object("look")
                .map(l -> new PieceLook(
                        PieceForm.of(l.text("form")).orElseThrow(),
                        l.optionalInt("seed").orElse(0),
                        shares(l.take("plan_frac")),
                        shares(l.take("front_frac"))));
    }

    private static Fixing fixing(Fields f) {
        return new Fixing(
                f.optionalText("support").map(v -> Fixing.Support.valueOf(v.toUpperCase(Locale.ROOT))),
                f.optional("pad_cm2", Unit.SQUARE_CENTIMETRE),
                f.optional("contact_cm2", Unit.SQUARE_CENTIMETRE),
                f.optional("anchor_kg", Unit.KILOGRAM),
                f.optional("wedge_gap_cm", Unit.CENTIMETRE),
                f.optional("length_cm", Unit.CENTIMETRE),
                f.optional("swell_frac", Unit.SHARE));
    }

    static WaterPart water(Fields f) {
        return new WaterPart(
                new WaterPart.Fill(
                        f.optional("level_cm", Unit.CENTIMETRE),
                        f.optional("volume_l", Unit.LITRE),
                        f.optionalText("volume_counts")),
                region(f.take("side_region_cm")),
                f.optional("temp_c", Unit.CELSIUS),
                new WaterPart.Margins(
                        f.optional("barrier_margin_cm", Unit.CENTIMETRE),
                        f.flag("accept_wicking"),
                        f.optional("lowest_level_cm", Unit.CENTIMETRE),
                        f.optional("wave_cm", Unit.CENTIMETRE),
                        f.optional("cover_frac", Unit.SHARE)),
                f.objects("ramps").stream().map(GroundDecoder::ramp).toList(),
                f.objects("features").stream().map(DeviceDecoder::feature).toList(),
                f.object("tap").map(GroundDecoder::tap),
                f.object("changes")
                        .map(c -> new ChangeSchedule(
                                c.optional("fraction", Unit.SHARE), c.optional("interval_d", Unit.DAY))),
                f.optional("target_no3_mg_l", Unit.MILLIGRAM_PER_LITRE),
                f.rest());
    }

    private static Ramp ramp(Fields f) {
        return new Ramp(
                f.text("id"),
                f.number("foot_cm", Unit.CENTIMETRE),
                f.number("top_cm", Unit.CENTIMETRE),
                f.number("length_cm", Unit.CENTIMETRE),
                f.number("width_cm", Unit.CENTIMETRE),
                f.flag("rough"),
                f.rest());
    }

    private static Tap tap(Fields f) {
        return new Tap(
                f.optional("ph", Unit.COUNT),
                f.optional("kh_dh", Unit.DEGREE_HARDNESS),
                f.optional("gh_dh", Unit.DEGREE_HARDNESS),
                f.optional("no3_mg_l", Unit.MILLIGRAM_PER_LITRE),
                f.optional("cl_mg_l", Unit.MILLIGRAM_PER_LITRE),
                f.flag("chloramine"),
                f.optional("ec_us_cm", Unit.COUNT));
    }

    private static java.util.OptionalDouble density(Fields f) {
        java.util.OptionalDouble perLitre = f.optional("density_kg_per_l", Unit.COUNT);
        return perLitre.isPresent() ? java.util.OptionalDouble.of(perLitre.getAsDouble() * 1000) : perLitre;
    }

    private static double cm(JsonNode value) {
        return Unit.CENTIMETRE.toSi(value.asDouble());
    }
}
