package tanah.files.design;

import java.util.List;
import tanah.core.design.AirPlan;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.Schedule;
import tanah.core.units.Unit;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes lamps' rays, schedules, openings, insulation and moistened air. */
final class AirWriter {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    private AirWriter() {}

    static void device(ObjectNode node, Device d) {
        d.running().schedule().ifPresent(s -> schedule(node, s));
        DesignWriter.put(node, "dim", d.running().dim(), Unit.SHARE);
        DesignWriter.put(node, "ageing", d.running().ageing(), Unit.SHARE);
        d.ray()
                .aim()
                .ifPresent(a -> node.putArray("aim")
                        .add(DesignWriter.decimal(a.x()))
                        .add(DesignWriter.decimal(a.y()))
                        .add(DesignWriter.decimal(a.z())));
        d.ray().alongX().ifPresent(x -> node.put("axis", x ? "x" : "y"));
        DesignWriter.put(node, "length_cm", d.ray().length(), Unit.CENTIMETRE);
        DesignWriter.put(node, "beam_deg", d.ray().beam(), Unit.DEGREE);
        d.ray().optic().ifPresent(v -> node.put("optic", v));
        DesignWriter.put(node, "clearance_cm", d.ray().clearance(), Unit.CENTIMETRE);
        d.laid().face().ifPresent(v -> node.put("face", v.word()));
        d.laid().rect().ifPresent(r -> {
            ArrayNode rect = node.putArray("rect_cm");
            List.of(r.from(), r.low(), r.to(), r.high())
                    .forEach(v -> rect.add(DesignWriter.decimal(Unit.CENTIMETRE.fromSi(v))));
        });
        DesignWriter.put(node, "depth_cm", d.laid().depth(), Unit.CENTIMETRE);
    }

    private static void schedule(ObjectNode node, Schedule s) {
        switch (s.kind()) {
            case DAY -> node.put("schedule", "day");
            case NIGHT -> node.put("schedule", "night");
            case ALWAYS -> node.put("schedule", "always");
            case CLOCK ->
                node.putObject("schedule")
                        .put("on_h", DesignWriter.decimal(s.on()))
                        .put("hours", DesignWriter.decimal(s.hours()));
        }
    }

    static void envelope(ObjectNode vessel, Envelope e) {
        DesignWriter.list(vessel, "panes", e.panes(), AirWriter::pane);
        DesignWriter.list(vessel, "vents", e.vents(), AirWriter::vent);
        DesignWriter.list(vessel, "insulation", e.insulation(), AirWriter::insulation);
        DesignWriter.put(vessel, "lid_free", e.meshFree(), Unit.SHARE);
    }

    private static ObjectNode pane(Envelope.Pane p) {
        ObjectNode node = JSON.objectNode().put("face", p.face().word());
        p.material().ifPresent(v -> node.put("material", v));
        DesignWriter.put(node, "thickness_mm", p.thickness(), Unit.MILLIMETRE);
        DesignWriter.put(node, "reflectance", p.reflects(), Unit.SHARE);
        return node;
    }

    private static ObjectNode vent(Envelope.Vent v) {
        ObjectNode node =
                JSON.objectNode().put("id", v.id()).put("face", v.face().word());
        DesignWriter.put(node, "z_cm", v.z(), Unit.CENTIMETRE);
        DesignWriter.put(node, "x0_cm", v.from(), Unit.CENTIMETRE);
        DesignWriter.put(node, "x1_cm", v.to(), Unit.CENTIMETRE);
        DesignWriter.put(node, "y0_cm", v.front(), Unit.CENTIMETRE);
        DesignWriter.put(node, "y1_cm", v.back(), Unit.CENTIMETRE);
        DesignWriter.put(node, "area_cm2", v.area(), Unit.SQUARE_CENTIMETRE);
        DesignWriter.put(node, "height_cm", v.height(), Unit.CENTIMETRE);
        DesignWriter.put(node, "open_fraction", v.open(), Unit.SHARE);
        return node;
    }

    private static ObjectNode insulation(Envelope.Insulation i) {
        ObjectNode node = JSON.objectNode()
                .put("id", i.id())
                .put("face", i.face().word())
                .put("material", i.material())
                .put("thickness_mm", DesignWriter.decimal(Unit.MILLIMETRE.fromSi(i.thickness())));
        i.inside().ifPresent(v -> node.put("inside", v));
        DesignWriter.put(node, "reflectance", i.reflects(), Unit.SHARE);
        return node;
    }

    static ObjectNode air(AirPlan a) {
        ObjectNode node = JSON.objectNode();
        DesignWriter.put(node, "fan_u_m_s", a.fanSpeed(), Unit.METRE_PER_SECOND);
        DesignWriter.put(node, "fan_exchange_m3_h", a.exchange(), Unit.CUBIC_METRE_PER_HOUR);
        a.mist().ifPresent(m -> node.set("mist", mist(m)));
        return node;
    }

    private static ObjectNode mist(AirPlan.Mist m) {
        ObjectNode node = JSON.objectNode();
        m.pump().ifPresent(v -> node.put("pump", v));
        m.tank().ifPresent(v -> node.put("tank", v));
        DesignWriter.list(node, "nozzles", m.nozzles(), AirWriter::nozzle);
        DesignWriter.list(node, "events", m.events(), AirWriter::event);
        DesignWriter.put(node, "f_air", m.air(), Unit.SHARE);
        DesignWriter.put(node, "f_leaf", m.leaf(), Unit.SHARE);
        DesignWriter.put(node, "f_glass", m.glass(), Unit.SHARE);
        return node;
    }

    private static ObjectNode nozzle(AirPlan.Nozzle n) {
        ObjectNode node = JSON.objectNode().put("id", n.id());
        n.item().ifPresent(v -> node.put("item", v));
        DesignWriter.put(node, "x_cm", n.at().x(), Unit.CENTIMETRE);
        DesignWriter.put(node, "y_cm", n.at().y(), Unit.CENTIMETRE);
        DesignWriter.put(node, "z_cm", n.at().z(), Unit.CENTIMETRE);
        DesignWriter.put(node, "flow_ml_min", n.flow(), Unit.MILLILITRE_PER_MINUTE);
        return node;
    }

    private static ObjectNode event(AirPlan.Event e) {
        ObjectNode node = JSON.objectNode()
                .put("h", DesignWriter.decimal(e.hour()))
                .put("seconds", DesignWriter.decimal(e.seconds()));
        if (!e.nozzles().isEmpty()) {
            ArrayNode ids = node.putArray("nozzles");
            e.nozzles().forEach(ids::add);
        }
        return node;
    }
}
