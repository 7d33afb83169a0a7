package tanah.files.design;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import tanah.core.design.AirPlan;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.Schedule;
import tanah.core.units.Unit;
import tools.jackson.databind.JsonNode;

/** Builds lamps' rays, schedules, openings, insulation and moistened air. */
final class AirDecoder {
    private AirDecoder() {}

    static Envelope.Face face(String word) {
        return Envelope.Face.valueOf(word.toUpperCase(Locale.ROOT));
    }

    static Device.Running running(Fields f) {
        JsonNode schedule = f.take("schedule");
        Optional<Schedule> when = schedule.isMissingNode() ? Optional.empty() : Optional.of(schedule(schedule));
        return new Device.Running(when, f.optional("dim", Unit.SHARE), f.optional("ageing", Unit.SHARE));
    }

    private static Schedule schedule(JsonNode node) {
        if (node.isObject()) {
            return Schedule.clock(
                    node.path("on_h").asDouble(0), node.path("hours").asDouble(24));
        }
        return switch (node.asString()) {
            case "day" -> Schedule.DAY;
            case "night" -> Schedule.NIGHT;
            default -> Schedule.ALWAYS;
        };
    }

    static Device.Ray ray(Fields f) {
        JsonNode aim = f.take("aim");
        return new Device.Ray(
                aim.isMissingNode()
                        ? Optional.empty()
                        : Optional.of(new Device.Aim(
                                aim.path(0).asDouble(),
                                aim.path(1).asDouble(),
                                aim.path(2).asDouble())),
                f.optionalText("axis").map("x"::equals),
                f.optional("length_cm", Unit.CENTIMETRE),
                f.optional("beam_deg", Unit.DEGREE),
                f.optionalText("optic"),
                f.optional("clearance_cm", Unit.CENTIMETRE));
    }

    static Device.Laid laid(Fields f) {
        JsonNode rect = f.take("rect_cm");
        return new Device.Laid(
                f.optionalText("face").map(AirDecoder::face),
                rect.isMissingNode()
                        ? Optional.empty()
                        : Optional.of(new Device.Rect(cm(rect, 0), cm(rect, 1), cm(rect, 2), cm(rect, 3))),
                f.optional("depth_cm", Unit.CENTIMETRE));
    }

    private static double cm(JsonNode list, int index) {
        return Unit.CENTIMETRE.toSi(list.path(index).asDouble());
    }

    static Envelope envelope(Fields f) {
        return new Envelope(
                f.objects("vents").stream().map(AirDecoder::vent).toList(),
                f.objects("insulation").stream().map(AirDecoder::insulation).toList(),
                f.objects("panes").stream().map(AirDecoder::pane).toList(),
                f.optional("lid_free", Unit.SHARE));
    }

    private static Envelope.Vent vent(Fields f) {
        return new Envelope.Vent(
                f.text("id"),
                face(f.text("face")),
                f.optional("z_cm", Unit.CENTIMETRE),
                f.optional("x0_cm", Unit.CENTIMETRE),
                f.optional("x1_cm", Unit.CENTIMETRE),
                f.optional("y0_cm", Unit.CENTIMETRE),
                f.optional("y1_cm", Unit.CENTIMETRE),
                f.optional("area_cm2", Unit.SQUARE_CENTIMETRE),
                f.optional("height_cm", Unit.CENTIMETRE),
                f.optional("open_fraction", Unit.SHARE));
    }

    private static Envelope.Insulation insulation(Fields f) {
        return new Envelope.Insulation(
                f.text("id"),
                face(f.text("face")),
                f.text("material"),
                f.number("thickness_mm", Unit.MILLIMETRE),
                f.flag("inside"),
                f.optional("reflectance", Unit.SHARE));
    }

    private static Envelope.Pane pane(Fields f) {
        return new Envelope.Pane(
                face(f.text("face")),
                f.optionalText("material"),
                f.optional("thickness_mm", Unit.MILLIMETRE),
                f.optional("reflectance", Unit.SHARE));
    }

    static AirPlan air(Fields f) {
        return new AirPlan(
                f.optional("fan_u_m_s", Unit.METRE_PER_SECOND),
                f.optional("fan_exchange_m3_h", Unit.CUBIC_METRE_PER_HOUR),
                f.object("mist").map(AirDecoder::mist));
    }

    private static AirPlan.Mist mist(Fields f) {
        return new AirPlan.Mist(
                f.optionalText("pump"),
                f.optionalText("tank"),
                f.objects("nozzles").stream().map(AirDecoder::nozzle).toList(),
                f.objects("events").stream().map(AirDecoder::event).toList(),
                f.optional("f_air", Unit.SHARE),
                f.optional("f_leaf", Unit.SHARE),
                f.optional("f_glass", Unit.SHARE));
    }

    private static AirPlan.Nozzle nozzle(Fields f) {
        return new AirPlan.Nozzle(
                f.text("id"),
                f.optionalText("item"),
                new Device.Spot(
                        f.optional("x_cm", Unit.CENTIMETRE),
                        f.optional("y_cm", Unit.CENTIMETRE),
                        f.optional("z_cm", Unit.CENTIMETRE)),
                f.optional("flow_ml_min", Unit.MILLILITRE_PER_MINUTE));
    }

    private static AirPlan.Event event(Fields f) {
        List<String> nozzles =
                f.take("nozzles").valueStream().map(JsonNode::asString).toList();
        return new AirPlan.Event(f.take("h").asDouble(), f.take("seconds").asDouble(), nozzles);
    }
}
