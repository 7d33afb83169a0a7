package tanah.files.design;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.design.CrewChoice;
import tanah.core.design.Design;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;
import tanah.core.design.NeedOverride;
import tanah.core.design.OtherFields;
import tanah.core.design.Planting;
import tanah.core.design.Probe;
import tanah.core.design.Ramp;
import tanah.core.design.Resident;
import tanah.core.design.SchoolChoice;
import tanah.core.design.Tap;
import tanah.core.design.WaterPart;
import tanah.core.units.Unit;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Writes a design as a document. Numbers are rounded to 12 significant digits, which takes back the binary dust of the
 * conversion to SI, so reading and writing again gives the same document.
 */
public final class DesignWriter {
    private static final MathContext DIGITS = new MathContext(12);
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    private static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(tools.jackson.core.StreamWriteFeature.WRITE_BIGDECIMAL_AS_PLAIN)
            .build();

    private DesignWriter() {}

    /** The document on several lines. */
    public static String write(Design design) {
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(json(design)) + "\n";
    }

    /** The document on one line, for storing. */
    public static String writeCompact(Design design) {
        return MAPPER.writeValueAsString(json(design));
    }

    /** The document as a tree whose numbers compare by their text: 5 and 5.0 are one number. */
    public static JsonNode tree(Design design) {
        return MAPPER.readerFor(JsonNode.class)
                .with(tools.jackson.databind.DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
                .readValue(writeCompact(design));
    }

    static ObjectNode json(Design design) {
        ObjectNode root = JSON.objectNode();
        root.put("format", "tanah-design").put("version", 1).put("name", design.name());
        design.note().ifPresent(v -> root.put("note", v));
        design.mixReason().ifPresent(v -> root.put("mix_reason", v));
        list(root, "schools", design.schools(), DesignWriter::school);
        list(root, "animals", design.animals(), DesignWriter::animal);
        design.vessel().ifPresent(v -> root.set("vessel", VesselWriter.vessel(v)));
        design.room().ifPresent(v -> root.set("room", VesselWriter.room(v)));
        if (!design.ground().layers().isEmpty() || !design.ground().dams().isEmpty()) {
            ObjectNode ground = root.putObject("ground");
            list(ground, "layers", design.ground().layers(), GroundWriter::layer);
            list(ground, "dams", design.ground().dams(), GroundWriter::dam);
        }
        list(root, "hardscape", design.hardscape(), DesignWriter::hardscape);
        design.water().ifPresent(v -> root.set("water", water(v)));
        if (!design.heat().equals(tanah.core.design.HeatDay.UNSET)) {
            ObjectNode heat = root.putObject("heat");
            put(heat, "photoperiod_h", design.heat().photoperiod(), Unit.COUNT);
            put(heat, "day_start_h", design.heat().dayStart(), Unit.COUNT);
        }
        list(root, "devices", design.devices(), DeviceWriter::device);
        design.air().ifPresent(a -> root.set("air", AirWriter.air(a)));
        list(root, "probes", design.probes(), DesignWriter::probe);
        list(root, "plants", design.plants(), LivingWriter::plant);
        if (!design.planting().equals(Planting.UNSAID)) {
            root.set("planting", LivingWriter.planting(design.planting()));
        }
        if (!design.crew().equals(CrewChoice.NONE)) {
            root.set("crew", LivingWriter.crew(design.crew()));
        }
        keep(root, design.kept());
        return root;
    }

    private static ObjectNode school(SchoolChoice s) {
        ObjectNode node = JSON.objectNode().put("choice", s.choice()).put("option", s.option());
        s.reason().ifPresent(v -> node.put("reason", v));
        return node.put("date", s.date().toString());
    }

    private static ObjectNode animal(Resident r) {
        ObjectNode node =
                JSON.objectNode().put("id", r.id()).put("species", r.species()).put("count", r.count());
        r.males().ifPresent(v -> node.put("males", v));
        put(node, "age_months", r.ageMonths(), Unit.MONTH);
        put(node, "length_cm", r.length(), Unit.CENTIMETRE);
        put(node, "mass_g", r.mass(), Unit.GRAM);
        r.origin().ifPresent(v -> node.put("origin", v));
        list(node, "overrides", r.overrides(), DesignWriter::override);
        return node;
    }

    private static ObjectNode override(NeedOverride o) {
        ObjectNode node = JSON.objectNode().put("field", o.field());
        if (o.value() instanceof NeedOverride.Value.Number n) {
            node.put("value", decimal(n.value()));
        } else if (o.value() instanceof NeedOverride.Value.Words w) {
            ArrayNode words = node.putArray("value");
            w.value().forEach(words::add);
        } else if (o.value() instanceof NeedOverride.Value.Text t) {
            node.put("value", t.value());
        }
        return node.put("reason", o.reason()).put("date", o.date().toString());
    }

    private static ObjectNode hardscape(HardscapeItem h) {
        ObjectNode node = JSON.objectNode().put("id", h.id());
        h.name().ifPresent(v -> node.put("name", v));
        h.kind().ifPresent(v -> node.put("class", v));
        h.media().ifPresent(v -> node.put("media", v));
        node.set("outline_cm", GroundWriter.outline(h.outline()));
        put(node, "base_z_cm", h.givenBase(), Unit.CENTIMETRE);
        node.put("height_cm", cm(h.height()));
        put(node, "volume_l", h.volume(), Unit.LITRE);
        putDensity(node, h.density());
        put(node, "mass_kg", h.mass(), Unit.KILOGRAM);
        put(node, "in_water", h.inWater());
        Fixing fixing = h.fixing();
        fixing.support().ifPresent(v -> node.put("support", v.word()));
        put(node, "pad_cm2", fixing.pad(), Unit.SQUARE_CENTIMETRE);
        put(node, "contact_cm2", fixing.contact(), Unit.SQUARE_CENTIMETRE);
        put(node, "anchor_kg", fixing.anchor(), Unit.KILOGRAM);
        put(node, "wedge_gap_cm", fixing.gap(), Unit.CENTIMETRE);
        put(node, "length_cm", fixing.length(), Unit.CENTIMETRE);
        put(node, "swell_frac", fixing.swelling(), Unit.SHARE);
        h.hide().ifPresent(v -> {
            ObjectNode hide = node.putObject("hide").put("kind", v.kind());
            keep(hide, v.kept());
        });
        h.look().ifPresent(l -> {
            ObjectNode look =
                    node.putObject("look").put("form", l.form().word()).put("seed", l.seed());
            look.set("plan_frac", GroundWriter.shares(l.plan()));
            look.set("front_frac", GroundWriter.shares(l.front()));
        });
        keep(node, h.kept());
        return node;
    }

    private static ObjectNode water(WaterPart w) {
        ObjectNode node = JSON.objectNode();
        put(node, "level_cm", w.fill().level(), Unit.CENTIMETRE);
        put(node, "volume_l", w.fill().volume(), Unit.LITRE);
        w.fill().counts().ifPresent(v -> node.put("volume_counts", v));
        put(node, "temp_c", w.temperature(), Unit.CELSIUS);
        w.sideRegion().ifPresent(r -> node.set("side_region_cm", GroundWriter.region(r)));
        put(node, "barrier_margin_cm", w.margins().barrier(), Unit.CENTIMETRE);
        put(node, "accept_wicking", w.margins().acceptWicking());
        put(node, "lowest_level_cm", w.margins().lowestLevel(), Unit.CENTIMETRE);
        put(node, "wave_cm", w.margins().wave(), Unit.CENTIMETRE);
        put(node, "cover_frac", w.margins().cover(), Unit.SHARE);
        list(node, "ramps", w.ramps(), DesignWriter::ramp);
        list(node, "features", w.features(), DeviceWriter::feature);
        w.tap().ifPresent(t -> node.set("tap", tap(t)));
        w.changes().ifPresent(c -> {
            ObjectNode changes = node.putObject("changes");
            put(changes, "fraction", c.fraction(), Unit.SHARE);
            put(changes, "interval_d", c.interval(), Unit.DAY);
        });
        put(node, "target_no3_mg_l", w.targetNitrate(), Unit.MILLIGRAM_PER_LITRE);
        keep(node, w.kept());
        return node;
    }

    private static ObjectNode ramp(Ramp r) {
        ObjectNode node = JSON.objectNode().put("id", r.id());
        node.put("foot_cm", cm(r.foot()));
        node.put("top_cm", cm(r.top()));
        node.put("length_cm", cm(r.length()));
        node.put("width_cm", cm(r.width()));
        put(node, "rough", r.rough());
        keep(node, r.kept());
        return node;
    }

    private static ObjectNode tap(Tap t) {
        ObjectNode node = JSON.objectNode();
        put(node, "ph", t.ph(), Unit.COUNT);
        put(node, "kh_dh", t.alkalinity(), Unit.DEGREE_HARDNESS);
        put(node, "gh_dh", t.hardness(), Unit.DEGREE_HARDNESS);
        put(node, "no3_mg_l", t.nitrate(), Unit.MILLIGRAM_PER_LITRE);
        put(node, "cl_mg_l", t.chlorine(), Unit.MILLIGRAM_PER_LITRE);
        put(node, "chloramine", t.chloramine());
        put(node, "ec_us_cm", t.conductivity(), Unit.COUNT);
        return node;
    }

    private static ObjectNode probe(Probe p) {
        ObjectNode node = JSON.objectNode().put("id", p.id());
        p.name().ifPresent(v -> node.put("name", v));
        node.put("kind", word(p.kind()));
        p.zone().ifPresent(z -> node.put("zone", word(z)));
        put(node, "x_cm", p.x(), Unit.CENTIMETRE);
        put(node, "y_cm", p.y(), Unit.CENTIMETRE);
        put(node, "z_cm", p.z(), Unit.CENTIMETRE);
        p.on().ifPresent(v -> node.put("on", v));
        if (!p.reads().isEmpty()) {
            ArrayNode reads = node.putArray("reads");
            p.reads().forEach(reads::add);
        }
        return node;
    }

    static void keep(ObjectNode node, OtherFields kept) {
        kept.fields().forEach((name, value) -> node.set(name, tree(value)));
    }

    private static JsonNode tree(Object value) {
        if (value instanceof Map<?, ?> map) {
            ObjectNode node = JSON.objectNode();
            map.forEach((name, v) -> node.set((String) name, tree(v)));
            return node;
        }
        if (value instanceof List<?> list) {
            ArrayNode node = JSON.arrayNode();
            list.forEach(v -> node.add(tree(v)));
            return node;
        }
        if (value instanceof BigDecimal number) {
            return JSON.numberNode(number);
        }
        if (value instanceof Boolean flag) {
            return JSON.booleanNode(flag);
        }
        return value == OtherFields.Missing.NULL ? JSON.nullNode() : JSON.stringNode((String) value);
    }

    static <T> void list(
            ObjectNode node, String name, List<T> items, java.util.function.Function<T, ObjectNode> write) {
        if (!items.isEmpty()) {
            ArrayNode array = node.putArray(name);
            items.forEach(item -> array.add(write.apply(item)));
        }
    }

    static void put(ObjectNode node, String name, OptionalDouble value, Unit unit) {
        value.ifPresent(v -> node.put(name, decimal(unit.fromSi(v))));
    }

    static void put(ObjectNode node, String name, Optional<Boolean> value) {
        value.ifPresent(v -> node.put(name, v));
    }

    static void putDensity(ObjectNode node, OptionalDouble density) {
        density.ifPresent(d -> node.put("density_kg_per_l", decimal(d / 1000)));
    }

    static BigDecimal cm(double metres) {
        return decimal(Unit.CENTIMETRE.fromSi(metres));
    }

    static BigDecimal decimal(double value) {
        BigDecimal rounded = new BigDecimal(value).round(DIGITS).stripTrailingZeros();
        return rounded.scale() < 0 ? rounded.setScale(0) : rounded;
    }

    static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }
}
