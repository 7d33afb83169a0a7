package tanah.files.climate;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import tanah.core.box.ClimateCase;
import tanah.core.box.Factors;
import tanah.core.box.Fixture;
import tanah.core.climate.Balance;
import tanah.core.climate.ClimateModel;
import tanah.core.climate.DayCourse;
import tanah.core.climate.DayRun;
import tanah.core.climate.HeatSplit;
import tanah.core.climate.LightMap;
import tanah.core.climate.Places;
import tanah.core.climate.SteadyState;
import tanah.core.climate.Uncertainty;
import tanah.core.climate.WaterLedger;
import tanah.files.result.EvaluationWriter;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Computes a climate case and writes all of it, with units in the names: what another program can be compared with. */
public final class CaseWriter {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    private static final double TOLERANCE = 1e-4; // K
    private static final double RESTING = 0.03; // m, the back of an animal over what it rests on

    private final CaseReader input;
    private final ClimateCase enclosure;
    private final ClimateModel model;

    private CaseWriter(CaseReader input) {
        this.input = input;
        this.enclosure = input.read();
        this.model = ClimateModel.of(enclosure, Factors.ONE);
    }

    /** Steady days and nights with their bands, where each watt goes, light, whole days; as JSON. */
    public static String write(CaseReader input) {
        return EvaluationWriter.pretty(new CaseWriter(input).all());
    }

    static ObjectNode compute(CaseReader input) {
        return new CaseWriter(input).all();
    }

    private ObjectNode all() {
        ObjectNode root = JSON.objectNode();
        for (String season : List.of("winter", "summer")) {
            for (boolean day : new boolean[] {true, false}) {
                String when = season + (day ? "_day" : "_night");
                ClimateCase.Outside room =
                        day ? input.season(season).day() : input.season(season).night();
                SteadyState s = model.steady(room, day, Optional.empty(), TOLERANCE);
                root.set("steady_" + when, steady(s));
                root.set("band90_" + when, bands(Uncertainty.of(enclosure, Factors.ONE, room, day, TOLERANCE)));
            }
        }
        ObjectNode devices = root.putObject("device");
        for (int i = 0; i < enclosure.fixtures().size(); i++) {
            Fixture f = enclosure.fixtures().get(i);
            devices.set(f.name(), split(model.split(i)));
        }
        root.set("light", light());
        for (String season : List.of("winter", "summer")) {
            root.set("day_" + season, day(DayRun.of(model, input.season(season))));
        }
        new HeaterWriter(input, model).write(root);
        return root;
    }

    private ObjectNode steady(SteadyState s) {
        ObjectNode node = JSON.objectNode();
        node.put("converged", s.isConverged());
        put(node, "last_change_k", s.lastChange());
        places(s.places()).forEach((name, value) -> put(node, name, value));
        put(node, "mixing_velocity_m_s", s.mixingSpeed());
        put(node, "opening_flow_m3_s", s.openingFlow());
        put(node, "air_changes_per_h", 3600 * s.airChanges());
        ArrayNode radiant = node.putArray("section_radiant_c");
        ArrayNode out = node.putArray("net_out_of_column_m3_s");
        for (int i = 0; i < s.places().sections(); i++) {
            radiant.add(s.places().radiant(i));
            out.add(s.openingFlow(i));
        }
        ArrayNode duty = node.putArray("duty");
        for (int i = 0; i < enclosure.fixtures().size(); i++) {
            duty.add(s.duty(i));
        }
        node.set("balance", balance(s.balance()));
        return node;
    }

    /** Everything that has a name in the enclosure, in the order of the names. */
    private Map<String, Double> places(Places p) {
        Map<String, Double> all = new TreeMap<>();
        all.put("warm_air_c", p.warmAir());
        all.put("cool_air_c", p.coolAir());
        all.put("warm_rh_pct", 100 * p.warmHumidity());
        all.put("cool_rh_pct", 100 * p.coolHumidity());
        all.put("mid_air_c", p.midAir());
        all.put("top_air_c", p.topAir());
        all.put("mean_air_c", p.meanAir());
        all.put("mean_rh_pct", 100 * p.meanHumidity());
        all.put("mean_w_g_kg", 1000 * p.meanVapour());
        all.put("front_glass_min_c", p.frontMin());
        all.put("front_margin_k", p.frontMargin());
        p.groundMax().ifPresent(v -> all.put("ground_max_c", v));
        p.groundMin().ifPresent(v -> all.put("ground_min_c", v));
        p.groundOf(false).ifPresent(v -> all.put("cool_ground_c", v));
        p.groundOf(true).ifPresent(v -> all.put("warm_ground_c", v));
        p.baskingSurface().ifPresent(v -> all.put("basking_surface_c", v));
        p.baskingAir().ifPresent(v -> all.put("basking_air_c", v));
        for (int i = 0; i < enclosure.platforms().size(); i++) {
            all.put("platform_" + enclosure.platforms().get(i).name() + "_c", p.platform(i));
        }
        input.hide().ifPresent(h -> all.put("hide_rh_pct", 100 * h.air().humidity(p, h.at(), enclosure.pressure())));
        for (int i = 0; i < waters(); i++) {
            all.put("water_" + i + "_c", p.water(i));
        }
        return all;
    }

    private int waters() {
        return (int) enclosure.floor().stream()
                .filter(f -> f instanceof tanah.core.box.Floor.Water)
                .count();
    }

    private static ObjectNode balance(Balance b) {
        ObjectNode node = JSON.objectNode();
        put(node, "power_w", b.power());
        put(node, "direct_to_room_w", b.direct());
        put(node, "panes_w", b.panes());
        put(node, "base_w", b.base());
        put(node, "edge_w", b.edge());
        put(node, "vent_w", b.vent());
        put(node, "mesh_rad_w", b.mesh());
        put(node, "latent_w", b.latent());
        put(node, "storage_w", b.stored());
        put(node, "gap_w", b.gap());
        return node;
    }

    private ObjectNode bands(Uncertainty u) {
        ObjectNode node = JSON.objectNode();
        band(node, "basking_surface_c", u, v -> v.places().baskingSurface().orElse(0), Uncertainty.SURFACE);
        band(node, "warm_air_c", u, v -> v.places().warmAir(), Uncertainty.AIR);
        band(node, "cool_air_c", u, v -> v.places().coolAir(), Uncertainty.AIR);
        put(node, "mean_rh_pct", 100 * u.half(v -> v.places().meanHumidity(), Uncertainty.HUMIDITY));
        double peak = LightMap.of(u.plain().model()).uvPeak(input.reach());
        band(node, "uvi_peak", u, v -> LightMap.of(v.model()).uvPeak(input.reach()), Uncertainty.LIGHT * peak);
        return node;
    }

    private static void band(
            ObjectNode node, String name, Uncertainty u, ToDoubleFunction<Uncertainty.Variant> number, double own) {
        put(node, name, u.half(number, own));
    }

    private static ObjectNode split(HeatSplit s) {
        ObjectNode node = JSON.objectNode();
        put(node, "tile_w", s.ground());
        put(node, "cell_w", s.cells());
        put(node, "base_w", s.base());
        put(node, "pane_w", s.panes());
        put(node, "pl_w", s.platform());
        put(node, "fol_w", s.foliage());
        put(node, "zone_w", s.air());
        put(node, "star_w", s.all());
        ArrayNode sections = node.putArray("section_w");
        for (double w : s.diffuse()) {
            sections.add(w);
        }
        put(node, "water_w", s.water());
        put(node, "room_w", s.room());
        return node;
    }

    private ObjectNode light() {
        LightMap map = LightMap.of(model);
        ObjectNode node = JSON.objectNode();
        put(node, "uvi_peak", map.uvPeak(input.reach()));
        put(node, "uvi_ground_mean", map.uvOnGround(RESTING).mean());
        put(node, "uvi_ground_max", map.uvOnGround(RESTING).most());
        put(node, "shade_share_uvi_below_0_3", map.uvOnGround(RESTING).shade());
        if (!enclosure.platforms().isEmpty()) {
            put(node, "uvi_basking", map.uvOnPlatform(0, RESTING));
        }
        put(node, "zone_of_ground_mean", map.zone(RESTING));
        put(node, "ppfd_ground_mean", 1e6 * map.photonsOnGround().mean());
        put(node, "ppfd_ground_max", 1e6 * map.photonsOnGround().most());
        put(node, "reflected_ppfd", 1e6 * map.photonsThrown());
        put(node, "dli_ground_mean", map.dailyOnGround());
        return node;
    }

    private ObjectNode day(DayCourse d) {
        ObjectNode node = JSON.objectNode();
        course(node.putObject("room_c"), d, s -> s.room());
        for (String name : places(d.samples().get(0).places()).keySet()) {
            course(node.putObject(name), d, s -> places(s.places()).get(name));
        }
        ObjectNode judged = JudgedWriter.of(d, waters());
        input.limits()
                .forEach(l -> judged.put(
                        "limit_" + l.place(),
                        JudgedWriter.verdict(l, d, s -> places(s.places()).getOrDefault(l.place(), Double.NaN))));
        node.set("judged", judged);
        WaterLedger w = d.water();
        ObjectNode evaporated = node.putObject("evaporated");
        put(evaporated, "soil", w.soil());
        put(evaporated, "water", w.water());
        put(evaporated, "film", w.films());
        put(evaporated, "transp", w.plants());
        put(evaporated, "cond_front", w.front());
        ObjectNode total = node.putObject("total");
        put(total, "kwh", d.energy() / 3.6e6);
        put(total, "mist_kg", w.sprayed());
        put(total, "vent_loss_kg", w.carried());
        put(total, "drained_kg", w.drained());
        put(total, "fog_hours_front_25pct", d.wetHours());
        put(total, "condensing_hours_front_25pct", d.fogHours());
        put(total, "fog_max_film_mm", d.thickest());
        put(total, "worst_heat_gap_w", d.worstGap());
        put(total, "water_gap_kg", w.gap());
        return node;
    }

    private static void course(ObjectNode node, DayCourse d, ToDoubleFunction<DayCourse.Sample> value) {
        put(node, "min", d.min(value));
        put(node, "max", d.max(value));
        put(node, "day_mean", d.mean(true, value));
        put(node, "night_mean", d.mean(false, value));
    }

    static void put(ObjectNode node, String name, double value) {
        if (Double.isFinite(value)) {
            node.put(name.toLowerCase(Locale.ROOT), value);
        }
    }
}
