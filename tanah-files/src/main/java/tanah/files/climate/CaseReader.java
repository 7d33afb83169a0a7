package tanah.files.climate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.box.ClimateCase;
import tanah.core.box.Floor;
import tanah.core.box.Sheet;
import tanah.core.box.Shell;
import tanah.core.climate.HideBalance;
import tanah.core.climate.LightMap;
import tanah.core.light.Block;
import tanah.core.light.Leaves;
import tanah.core.light.Vec;
import tanah.core.physics.MoistAir;
import tanah.files.schema.Problem;
import tanah.files.schema.Schemas;
import tools.jackson.databind.JsonNode;

/**
 * A climate case: an enclosure in the model's own terms, in SI, to be compared with another program. What the schema accepts
 * can be computed.
 */
public final class CaseReader {
    private static final Schemas SCHEMA = Schemas.load("climate-case");
    private static final double ROOM_BEGINS = 7; // hours of the day
    private static final double ROOM_ENDS = 22;
    private static final double BACK = 0.03; // m over what it rests on
    private static final double FROM_TOP = 0.05; // m

    private final JsonNode root;

    private CaseReader(JsonNode root) {
        this.root = root;
    }

    /** Whether a document looks like a case: it measures its vessel in metres. */
    public static boolean isCase(JsonNode document) {
        return document.path("vessel").has("length_m");
    }

    /** What the schema refuses, in the document's order; and names or numbers that point to nothing. */
    public static List<Problem> problems(JsonNode document) {
        List<Problem> found = new ArrayList<>(SCHEMA.problems(document));
        return found.isEmpty() ? dangling(document) : found;
    }

    /** @param document without problems */
    public static CaseReader of(JsonNode document) {
        return new CaseReader(document);
    }

    private static List<Problem> dangling(JsonNode document) {
        List<Problem> found = new ArrayList<>();
        int waters = 0;
        for (JsonNode r : document.path("ground").path("regions")) {
            waters += r.path("type").asString().equals("water") ? 1 : 0;
        }
        found.addAll(CaseLimits.problems(document, waters));
        int platforms = document.path("platforms").size();
        int index = 0;
        for (JsonNode d : document.path("devices")) {
            String at = "/devices/" + index++;
            String type = d.path("type").asString();
            if ((type.equals("water_heater") || type.equals("pump"))
                    && d.path("water").asInt(0) >= waters) {
                found.add(new Problem(at + "/water", "there is no such water", "0 to " + (waters - 1)));
            }
            JsonNode probe = d.path("thermostat").path("probe");
            String kind = probe.path("kind").asString("");
            if (kind.equals("platform") && probe.path("index").asInt(0) >= platforms) {
                found.add(new Problem(
                        at + "/thermostat/probe/index", "there is no such platform", "0 to " + (platforms - 1)));
            }
            if (kind.equals("water") && probe.path("index").asInt(0) >= waters) {
                found.add(new Problem(at + "/thermostat/probe", "there is no such water", "a case with water"));
            }
        }
        return found;
    }

    /** Where its animal gets to: everywhere if it climbs, else the ground and what stands on it. */
    public LightMap.Reach reach() {
        JsonNode animal = root.path("animal");
        double back = animal.path("back_height_m").asDouble(BACK);
        return new LightMap.Reach(
                animal.path("climbs").asBoolean(false),
                back,
                animal.path("keep_from_top_m").asDouble(FROM_TOP),
                0);
    }

    /** A hide beside the model, and where it stands (m). */
    public record Hide(HideBalance air, Vec at) {}

    public Optional<Hide> hide() {
        JsonNode h = root.path("hide");
        return h.isMissingNode()
                ? Optional.empty()
                : Optional.of(new Hide(
                        new HideBalance(
                                h.path("volume_m3").asDouble(),
                                h.path("opening_m2").asDouble(),
                                h.path("wet_m2").asDouble(),
                                h.path("wetness").asDouble()),
                        new Vec(
                                h.path("x_m").asDouble(),
                                h.path("y_m").asDouble(),
                                h.path("z_m").asDouble())));
    }

    /**
     * Limits of a place; an end that is not given is infinite.
     *
     * @param place a name of a steady state's numbers, in their unit
     */
    record Limit(String place, double low, double high) {}

    List<Limit> limits() {
        return root.path("limits").properties().stream()
                .map(e -> new Limit(
                        e.getKey(),
                        e.getValue().path(0).asDouble(Double.NEGATIVE_INFINITY),
                        e.getValue().path(1).asDouble(Double.POSITIVE_INFINITY)))
                .toList();
    }

    /** @param name winter or summer */
    public ClimateCase.RoomCourse season(String name) {
        JsonNode r = root.path("room").path(name);
        return new ClimateCase.RoomCourse(
                new ClimateCase.Outside(
                        r.path("temp_day_c").asDouble(), r.path("rh_day_pct").asDouble() / 100),
                new ClimateCase.Outside(
                        r.path("temp_night_c").asDouble(),
                        r.path("rh_night_pct").asDouble() / 100),
                r.path("day_start_h").asDouble(ROOM_BEGINS),
                r.path("day_end_h").asDouble(ROOM_ENDS));
    }

    /** The case. */
    public ClimateCase read() {
        Shell shell = CaseShell.of(root.path("vessel"));
        double length = shell.length();
        double width = shell.width();
        return new ClimateCase(
                shell,
                floor(length, width),
                platforms(),
                obstacles(),
                plants(),
                CaseFixtures.of(root.path("devices")),
                root.path("day_start_h").asDouble(),
                root.path("photoperiod_h").asDouble(),
                mist(),
                root.path("fan_u_m_s").asDouble(0),
                root.path("fan_exchange_m3_h").asDouble(0) / 3600,
                MoistAir.SEA_LEVEL);
    }

    private List<Floor> floor(double length, double width) {
        List<Floor> floor = new ArrayList<>();
        root.path("ground").path("regions").forEach(r -> {
            double[] bounds = {
                r.path("x0_m").asDouble(0),
                r.path("x1_m").asDouble(length),
                r.path("y0_m").asDouble(0),
                r.path("y1_m").asDouble(width)
            };
            if (r.path("type").asString().equals("water")) {
                floor.add(new Floor.Water(
                        bounds,
                        r.path("surface_z_m").asDouble(),
                        r.path("depth_m").asDouble(),
                        (int) floor.stream()
                                .filter(f -> f instanceof Floor.Water)
                                .count()));
                return;
            }
            List<Sheet> layers = new ArrayList<>();
            r.path("layers")
                    .forEach(l -> layers.add(CaseShell.matter(l.path("material").asString())
                            .sheet(l.path("thickness_m").asDouble())));
            floor.add(new Floor.Land(
                    bounds,
                    layers,
                    r.path("slope_x").asDouble(0),
                    r.path("slope_y").asDouble(0),
                    r.path("base_z_m").asDouble(0),
                    r.path("absorptance").asDouble(0.85),
                    r.path("cover").asDouble(0),
                    new Floor.Soil(
                            r.path("soil_depth_m").asDouble(),
                            r.path("field_capacity").asDouble(0.35),
                            r.path("skin_m").asDouble(0.012),
                            r.path("wet0").asDouble(),
                            r.has("wet_surf0")
                                    ? OptionalDouble.of(r.path("wet_surf0").asDouble())
                                    : OptionalDouble.empty(),
                            r.path("reservoir_m").asDouble(0),
                            r.path("void_fraction").asDouble(0),
                            r.path("reservoir0_kg").asDouble(0))));
        });
        return floor;
    }

    private List<ClimateCase.Platform> platforms() {
        List<ClimateCase.Platform> all = new ArrayList<>();
        root.path("platforms")
                .forEach(p -> all.add(new ClimateCase.Platform(
                        p.path("name").asString(),
                        p.path("x_m").asDouble(),
                        p.path("y_m").asDouble(),
                        p.path("z_m").asDouble(),
                        p.path("size_x_m").asDouble(),
                        p.path("size_y_m").asDouble(),
                        CaseShell.matter(p.path("material").asString())
                                .sheet(p.path("thickness_m").asDouble()),
                        p.path("absorptance").asDouble(0.85),
                        p.path("basking").asBoolean(false))));
        return all;
    }

    private static Block block(JsonNode b) {
        return new Block(
                b.path(0).path(0).asDouble(),
                b.path(0).path(1).asDouble(),
                b.path(1).path(0).asDouble(),
                b.path(1).path(1).asDouble(),
                b.path(2).path(0).asDouble(),
                b.path(2).path(1).asDouble());
    }

    private List<ClimateCase.Obstacle> obstacles() {
        List<ClimateCase.Obstacle> all = new ArrayList<>();
        root.path("obstacles")
                .forEach(o -> all.add(new ClimateCase.Obstacle(
                        block(o.path("box")), o.path("wettable_m2").asDouble(0))));
        return all;
    }

    private List<Leaves> plants() {
        List<Leaves> all = new ArrayList<>();
        root.path("plants")
                .forEach(p -> all.add(new Leaves(
                        block(p.path("box")),
                        p.path("lai").asDouble(),
                        p.path("k_ext").asDouble(0.5))));
        return all;
    }

    private ClimateCase.Mist mist() {
        JsonNode mist = root.path("mist");
        List<ClimateCase.Spray> sprays = new ArrayList<>();
        mist.path("events")
                .forEach(e -> sprays.add(new ClimateCase.Spray(
                        e.path("h").asDouble(),
                        e.path("nozzles").asDouble()
                                * e.path("flow_ml_min").asDouble()
                                / 60
                                * e.path("seconds").asDouble()
                                / 1000,
                        CaseShell.share(e.path("f_air")))));
        ClimateCase.Mist usual = ClimateCase.Mist.NONE;
        return new ClimateCase.Mist(
                sprays,
                mist.path("f_air").asDouble(usual.air()),
                mist.path("f_leaf").asDouble(usual.leaf()),
                mist.path("f_glass").asDouble(usual.glass()));
    }
}
