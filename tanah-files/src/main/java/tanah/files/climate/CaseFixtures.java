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
                switch (d.path("schedule").asString()) {
                    case "day" -> new Fixture.Hours.Day();
                    case "night" -> new Fixture.Hours.Night();
                    default -> new Fixture.Hours.Always();
                },
                d.path("dim").asDouble(1),
                thermostat(d.path("thermostat")),
                part(d))));
        return all;
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
        String type = d.path("type").asString();
        if (type.equals("water_heater") || type.equals("pump")) {
            return new Fixture.InWater(
                    d.path("water").asInt(), d.path("f_water").asDouble(1));
        }
        if (type.equals("bottom_mat")) {
            return new Fixture.Mat(
                    Optional.empty(),
                    d.path("x0_m").asDouble(),
                    d.path("x1_m").asDouble(),
                    d.path("y0_m").asDouble(),
                    d.path("y1_m").asDouble());
        }
        if (type.equals("side_mat")) {
            return new Fixture.Mat(
                    Optional.of(Lid.Side.valueOf(d.path("face").asString().toUpperCase(Locale.ROOT))),
                    d.path("x0_m").asDouble(),
                    d.path("x1_m").asDouble(),
                    d.path("z0_m").asDouble(),
                    d.path("z1_m").asDouble());
        }
        Vec at = new Vec(
                d.path("x_m").asDouble(),
                d.path("y_m").asDouble(),
                d.path("z_m").asDouble());
        double beam = Math.toRadians(d.path("beam_deg").asDouble(0));
        Emitter shape = type.equals("point")
                ? Emitter.spot(at, beam, d.path("aperture_m").asDouble(0.04))
                : Emitter.tube(
                        at,
                        d.path("length_m").asDouble(),
                        Emitter.Optic.valueOf(d.path("optic").asString().toUpperCase(Locale.ROOT)),
                        beam);
        Band band = Band.valueOf(d.path("band").asString().toUpperCase(Locale.ROOT));
        return new Fixture.Lamp(
                shape,
                d.path("f_beam").asDouble(0),
                d.path("f_wide").asDouble(0),
                d.path("f_star").asDouble(0),
                band,
                band,
                d.has("uvi_ref")
                        ? Optional.of(new Fixture.UvReading(
                                d.path("uvi_ref").asDouble(),
                                d.path("uvi_ref_dist_m").asDouble()))
                        : Optional.empty(),
                d.path("ppf_umol_s").asDouble(0) * 1e-6,
                d.path("f_usable").asDouble(0.85));
    }
}
