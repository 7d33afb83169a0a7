package tanah.files.result;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Locale;
import tanah.core.build.BuyLine;
import tanah.core.build.PackChoice;
import tanah.core.build.Shopping;
import tanah.core.calibrate.Calibration;
import tanah.core.catalogue.Range;
import tanah.core.evaluate.Evaluation;
import tanah.core.ground.GroundResult;
import tanah.core.ground.LayerResult;
import tanah.core.ground.WaterVolumes;
import tanah.core.planting.Cover;
import tanah.core.structure.MassResult;
import tanah.core.structure.PanePlate;
import tanah.core.structure.PaneResult;
import tanah.core.units.Unit;
import tanah.core.vessel.Vessel;
import tanah.core.water.LandWater;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes what follows from a design, with units in the names. Eight significant digits. */
public final class EvaluationWriter {
    private static final MathContext DIGITS = new MathContext(8);
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    private static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(StreamWriteFeature.WRITE_BIGDECIMAL_AS_PLAIN)
            .build();

    private EvaluationWriter() {}

    public static String write(Evaluation e) {
        return pretty(json(e));
    }

    /** Any result as it is printed. */
    public static String pretty(ObjectNode root) {
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(root) + "\n";
    }

    /** The same with what readings say of the model. */
    public static String write(Evaluation e, Calibration.Fit fit) {
        ObjectNode root = json(e);
        root.set("calibration", ClimateWriter.fit(fit));
        return pretty(root);
    }

    private static ObjectNode json(Evaluation e) {
        ObjectNode root = JSON.objectNode();
        root.put("name", e.design().name());
        e.vessel().ifPresent(v -> root.set("vessel", vessel(v)));
        space(root, e);
        e.ground().ifPresent(g -> ground(root, g));
        e.water().ifPresent(w -> {
            root.set("water", water(w));
            litres((ObjectNode) root.get("ground"), "air_l", w.air());
        });
        e.mass().ifPresent(m -> root.set("structure", mass(m)));
        e.panes().ifPresent(p -> panes((ObjectNode) root.get("structure"), p));
        e.forecast().ifPresent(f -> root.set("climate", ClimateWriter.climate(f)));
        e.planted()
                .filter(p -> !p.pieces().isEmpty())
                .ifPresent(p -> root.set(
                        "planting",
                        PlantingWriter.planting(
                                p,
                                Cover.of(
                                        e.design(),
                                        e.vessel().orElseThrow(),
                                        e.ground().orElseThrow(),
                                        p))));
        e.cleanup().ifPresent(c -> root.set("cleanup", CleanupWriter.cleanup(c)));
        e.shopping().ifPresent(s -> root.set("shopping", shopping(s)));
        ArrayNode findings = root.putArray("findings");
        e.findings().forEach(f -> findings.add(FindingWriter.finding(f)));
        ArrayNode gaps = root.putArray("not_assessed");
        e.notAssessed().forEach(n -> {
            ObjectNode node = gaps.addObject()
                    .put("topic", n.topic())
                    .put("place", n.place().word());
            ArrayNode missing = node.putArray("missing");
            n.missing().forEach(missing::add);
        });
        return root;
    }

    private static ObjectNode vessel(Vessel v) {
        ObjectNode node = JSON.objectNode();
        cm(node, "inside_length_cm", v.length());
        cm(node, "inside_width_cm", v.width());
        cm(node, "inside_height_cm", v.height());
        number(node, "floor_area_cm2", Unit.SQUARE_CENTIMETRE.fromSi(v.floorArea()));
        litres(node, "brim_l", v.brim());
        v.label().ifPresent(label -> {
            litres(node, "label_l", label.volume());
            number(node, "label_error_pct", 100 * label.error(v.brim()));
        });
        number(node, "empty_mass_kg", v.emptyMass());
        range(node, "empty_mass_band_kg", v.massBand());
        return node;
    }

    private static void space(ObjectNode root, Evaluation e) {
        ObjectNode all = root.putObject("space");
        e.animals().forEach(animal -> {
            var space = e.space().get(animal.id());
            if (space != null) {
                ObjectNode node = all.putObject(animal.id());
                number(node, "ratio", space.ratio());
                node.put("limit", space.limit().name().toLowerCase(Locale.ROOT));
                number(node, "scale_now", space.scaleNow());
                space.lasts().ifPresent(m -> number(node, "lasts_until_month", m));
            }
        });
    }

    private static void ground(ObjectNode root, GroundResult g) {
        ArrayNode layers = root.putArray("layers");
        g.layers().forEach(l -> layers.add(layer(l)));
        ObjectNode ground = root.putObject("ground");
        litres(ground, "bulk_l", g.bulk());
        litres(ground, "barrier_l", g.damVolume());
        cm(ground, "surface_min_cm", g.surfaceMin());
        cm(ground, "surface_max_cm", g.surfaceMax());
        litres(ground, "under_barrier_full_l", g.underBarrier().full());
        litres(ground, "under_barrier_drainable_l", g.underBarrier().drainable());
    }

    private static ObjectNode water(LandWater state) {
        ObjectNode water = JSON.objectNode();
        WaterVolumes w = state.water();
        cm(water, "level_cm", w.level());
        litres(water, "free_water_l", w.free());
        litres(water, "pore_water_l", w.pore());
        litres(water, "total_water_l", w.total());
        litres(water, "drainable_pore_l", w.drainable());
        litres(water, "displaced_l", w.displaced());
        number(water, "surface_cm2", Unit.SQUARE_CENTIMETRE.fromSi(w.surface()));
        cm(water, "depth_min_cm", w.depthMin());
        cm(water, "depth_max_cm", w.depthMax());
        cm(water, "depth_mean_cm", w.depthMean());
        number(water, "land_area_frac", state.landShare());
        number(water, "water_area_frac", state.waterShare());
        number(water, "barrier_area_frac", state.damShare());
        number(water, "land_volume_frac", state.landByVolume());
        number(water, "litres_per_cm", Unit.LITRE.fromSi(state.perMetre()) / 100);
        cm(water, "highest_level_cm", state.highest());
        state.overDam().ifPresent(v -> cm(water, "barrier_freeboard_cm", v));
        cm(water, "rim_freeboard_cm", state.underRim());
        state.wicking().ifPresent(k -> {
            cm(water, "soil_underside_cm", k.underside());
            cm(water, "wick_gap_cm", k.gap());
            cm(water, "wick_needed_cm", k.needed());
        });
        return water;
    }

    private static void panes(ObjectNode structure, PaneResult p) {
        ObjectNode panes = structure.putObject("panes");
        pane(panes.putObject("front"), p, p.front().plate());
        pane(panes.putObject("side"), p, p.side().plate());
        p.divider().ifPresent(d -> {
            ObjectNode divider = structure.putObject("divider");
            number(divider, "sigma_mpa", Unit.MEGAPASCAL.fromSi(d.plate().stress()));
            number(divider, "deflection_mm", Unit.MILLIMETRE.fromSi(d.plate().bow()));
        });
    }

    private static void pane(ObjectNode node, PaneResult p, PanePlate.Result pane) {
        number(node, "q_bottom_pa", p.pressure());
        cm(node, "loaded_height_cm", p.loaded());
        number(node, "sigma_mpa", Unit.MEGAPASCAL.fromSi(pane.stress()));
        number(node, "deflection_mm", Unit.MILLIMETRE.fromSi(pane.bow()));
    }

    private static ObjectNode layer(LayerResult l) {
        ObjectNode node = JSON.objectNode().put("id", l.id());
        LayerResult.Shape s = l.shape();
        litres(node, "volume_l", s.volume());
        litres(node, "net_volume_l", s.netVolume());
        number(node, "footprint_cm2", Unit.SQUARE_CENTIMETRE.fromSi(s.footprint()));
        cm(node, "mean_depth_cm", s.meanDepth());
        cm(node, "min_depth_cm", s.minDepth());
        cm(node, "max_depth_cm", s.maxDepth());
        number(node, "surface_slope_deg", Unit.DEGREE.fromSi(s.slope()));
        cm(node, "top_min_cm", s.topMin());
        cm(node, "top_max_cm", s.topMax());
        litres(node, "loose_to_buy_l", l.loose());
        l.bags().ifPresent(b -> {
            node.put("bags", b.count());
            litres(node, "bag_total_l", b.total());
            litres(node, "left_over_l", b.leftOver());
        });
        number(node, "cost", l.cost());
        ArrayNode components = node.putArray("components");
        l.components().forEach(c -> {
            ObjectNode part = components.addObject().put("media", c.media());
            litres(part, "loose_l", c.loose());
        });
        number(node, "mass_dry_kg", l.dryMass());
        number(node, "theta_drip_limit", l.dripContent());
        number(node, "mass_wet_kg", l.wetMass());
        number(node, "mass_saturated_kg", l.saturatedMass());
        return node;
    }

    private static ObjectNode mass(MassResult m) {
        ObjectNode node = JSON.objectNode();
        number(node, "vessel_kg", m.vessel());
        number(node, "fittings_kg", m.fittings());
        number(node, "barrier_kg", m.dam());
        number(node, "hardscape_kg", m.hardscape());
        number(node, "ground_dry_kg", m.groundDry());
        number(node, "ground_water_kg", m.groundWater());
        number(node, "free_water_kg", m.freeWater());
        number(node, "stand_kg", m.stand());
        number(node, "total_kg", m.total());
        range(node, "total_band_kg", m.band());
        m.standUse().ifPresent(u -> number(node, "stand_use", u));
        return node;
    }

    private static ObjectNode shopping(Shopping s) {
        ObjectNode node = JSON.objectNode();
        ArrayNode lines = node.putArray("lines");
        for (BuyLine line : s.lines()) {
            ObjectNode l = lines.addObject().put("item", line.item());
            if (line.unit().equals("l")) {
                litres(l, "need_l", line.need());
            } else {
                number(l, "need_" + line.unit(), line.need());
            }
            ArrayNode packs = l.putArray("packs");
            line.packs().ifPresent(p -> {
                for (PackChoice.Pick pick : p.picks()) {
                    packs.addObject().put("pack", pick.pack().id()).put("count", pick.count());
                }
            });
            range(l, "price", line.price());
        }
        range(node, "price", s.price());
        return node;
    }

    private static void range(ObjectNode node, String name, Range range) {
        ObjectNode both = node.putObject(name);
        number(both, "low", range.min());
        number(both, "high", range.max());
    }

    private static void cm(ObjectNode node, String name, double metres) {
        number(node, name, Unit.CENTIMETRE.fromSi(metres));
    }

    private static void litres(ObjectNode node, String name, double cubicMetres) {
        number(node, name, Unit.LITRE.fromSi(cubicMetres));
    }

    static void number(ObjectNode node, String name, double value) {
        BigDecimal rounded = new BigDecimal(value).round(DIGITS).stripTrailingZeros();
        node.put(name, rounded.scale() < 0 ? rounded.setScale(0) : rounded);
    }
}
