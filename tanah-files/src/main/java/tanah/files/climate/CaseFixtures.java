package tanah.files.climate;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import tanah.core.box.Fixture;
import tanah.core.light.Band;
import tanah.core.light.Emitter;
import tanah.core.light.Lid;
import tanah.core.light.Vec;
import tools.jackson.databind.JsonNode;

/** Devices of a case. */
final class CaseFixtures {
    private CaseFixtures() {}

    static List<Fixture> of(JsonNode devices) {
        List<Fixture> all = new ArrayList<>();
        devices.forEach(d -> all.add(new Fixture(
                d.path("name").asString(),
                d.path("power_w").asDouble(),
                hours(d.path("schedule")),
                d.path("dim").asDouble(1),
                thermostat(d.path("thermostat")),
                part(d))));
        return all;
    }

    private static Fixture.Hours hours(JsonNode schedule) {
        if (schedule.isObject()) {
            return new Fixture.Hours.From(
                    schedule.path("on_h").asDouble(), schedule.path("hours").asDouble());
        }
        return switch (schedule.asString()) {
            case "day" -> new Fixture.Hours.Day();
            case "night" -> new Fixture.Hours.Night();
            default -> new Fixture.Hours.Always();
        };
    }

    private static Optional<Fixture.Thermostat> thermostat(JsonNode t) {
        return t.isMissingNode()
                ? Optional.empty()
                : Optional.of(new Fixture.Thermostat(
                        Fixture.Control.valueOf(t.path("type").asString().toUpperCase(Locale.ROOT)),
                        t.path("setpoint_day_c").asDouble(),
                        t.path("setpoint_night_c").asDouble(),
                        t.path("hysteresis_k").asDouble(1),
                        t.path("band_k").asDouble(1),
                        probe(t.path("probe"))));
    }

    private static Fixture.Probe probe(JsonNode p) {
        return switch (p.path("kind").asString()) {
            case "platform" -> new Fixture.Probe.Platform(p.path("index").asInt());
            case "surface" ->
                new Fixture.Probe.Surface(
                        p.path("x_m").asDouble(), p.path("y_m").asDouble());
            case "air" ->
                new Fixture.Probe.Air(
                        p.path("x_m").asDouble(),
                        p.path("y_m").asDouble(),
                        p.path("z_m").asDouble(),
                        p.path("bare").asBoolean(false));
            default -> new Fixture.Probe.Water(p.path("index").asInt(0));
        };
    }

    private static Fixture.Part part(JsonNode d) {
        return switch (d.path("type").asString()) {
            case "water_heater", "pump" ->
                new Fixture.InWater(d.path("water").asInt(), d.path("f_water").asDouble(1));
            case "mat", "side_mat", "bottom_mat" -> mat(d);
            case "cable" -> new Fixture.Cable(at(d, "x0_m"), at(d, "x1_m"), at(d, "y0_m"), at(d, "y1_m"), at(d, "z_m"));
            case "fan", "fogger" -> new Fixture.Fan(at(d, "x_m"), at(d, "y_m"), at(d, "z_m"));
            default -> lamp(d);
        };
    }

    private static double at(JsonNode d, String name) {
        return d.path(name).asDouble();
    }

    private static Fixture.Part mat(JsonNode d) {
        String face = d.path("face").asString("bottom");
        boolean under = face.equals("bottom") || d.path("type").asString().equals("bottom_mat");
        return under
                ? new Fixture.Mat(Optional.empty(), at(d, "x0_m"), at(d, "x1_m"), at(d, "y0_m"), at(d, "y1_m"))
                : new Fixture.Mat(
                        Optional.of(Lid.Side.valueOf(face.toUpperCase(Locale.ROOT))),
                        at(d, "x0_m"),
                        at(d, "x1_m"),
                        at(d, "z0_m"),
                        at(d, "z1_m"));
    }

    private static Emitter shape(JsonNode d) {
        JsonNode aim = d.path("aim");
        double beam = Math.toRadians(d.path("beam_deg").asDouble(0));
        Emitter.Kind kind = switch (d.path("type").asString()) {
            case "tube" -> Emitter.Kind.TUBE;
            case "panel" -> Emitter.Kind.PANEL;
            default -> Emitter.Kind.POINT;
        };
        return new Emitter(
                kind,
                new Vec(at(d, "x_m"), at(d, "y_m"), at(d, "z_m")),
                aim.isArray()
                        ? new Vec(
                                        aim.path(0).asDouble(),
                                        aim.path(1).asDouble(),
                                        aim.path(2).asDouble())
                                .unit()
                        : Vec.DOWN,
                d.path("axis").asString("x").equals("x"),
                d.path("length_m").asDouble(0),
                d.path("size_x_m").asDouble(0),
                d.path("size_y_m").asDouble(0),
                beam,
                kind == Emitter.Kind.POINT ? d.path("aperture_m").asDouble(0.04) : 0,
                Emitter.Optic.valueOf(d.path("optic").asString("lambertian").toUpperCase(Locale.ROOT)));
    }

    private static Band band(JsonNode word, Band usual) {
        return word.isString() ? Band.valueOf(word.asString().toUpperCase(Locale.ROOT)) : usual;
    }

    private static Fixture.Part lamp(JsonNode d) {
        Band band = band(d.path("band"), Band.LIGHT);
        return new Fixture.Lamp(
                shape(d),
                d.path("f_beam").asDouble(0),
                d.path("f_wide").asDouble(0),
                d.path("f_star").asDouble(0),
                band,
                band(d.path("wide_band"), band),
                d.has("uvi_ref")
                        ? Optional.of(new Fixture.UvReading(
                                at(d, "uvi_ref") * (1 - d.path("ageing").asDouble(0)), at(d, "uvi_ref_dist_m")))
                        : Optional.empty(),
                d.path("ppf_umol_s").asDouble(0) * 1e-6,
                d.path("f_usable").asDouble(0.85));
    }
}
