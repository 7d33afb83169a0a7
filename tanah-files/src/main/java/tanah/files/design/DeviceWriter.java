package tanah.files.design;

import tanah.core.design.Device;
import tanah.core.design.WaterFeature;
import tanah.core.units.Unit;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes what runs on current, and the water that it lifts. */
final class DeviceWriter {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    private DeviceWriter() {}

    static ObjectNode device(Device d) {
        ObjectNode node = JSON.objectNode().put("id", d.id()).put("item", d.item());
        d.type().ifPresent(v -> node.put("type", v));
        DesignWriter.put(node, "power_w", d.power(), Unit.WATT);
        DesignWriter.put(node, "x_cm", d.at().x(), Unit.CENTIMETRE);
        DesignWriter.put(node, "y_cm", d.at().y(), Unit.CENTIMETRE);
        DesignWriter.put(node, "z_cm", d.at().z(), Unit.CENTIMETRE);
        DesignWriter.put(node, "f_water", d.waterShare(), Unit.SHARE);
        d.guard().ifPresent(v -> node.put("guard", v));
        d.thermostat().ifPresent(t -> node.set("thermostat", thermostat(t)));
        d.circuit().ifPresent(c -> node.set("circuit", circuit(c)));
        DesignWriter.put(node, "derate", d.outlet().derate(), Unit.SHARE);
        DesignWriter.put(node, "media_area_m2", d.outlet().media(), Unit.SQUARE_METRE);
        d.outlet().count().ifPresent(v -> node.put("outlets", v));
        DesignWriter.put(node, "bore_mm", d.outlet().bore(), Unit.MILLIMETRE);
        AirWriter.device(node, d);
        DesignWriter.keep(node, d.kept());
        return node;
    }

    private static ObjectNode thermostat(Device.Thermostat t) {
        ObjectNode node = JSON.objectNode();
        t.item().ifPresent(v -> node.put("item", v));
        t.type().ifPresent(v -> node.put("type", v));
        DesignWriter.put(node, "setpoint_day_c", t.day(), Unit.CELSIUS);
        DesignWriter.put(node, "setpoint_night_c", t.night(), Unit.CELSIUS);
        DesignWriter.put(node, "hysteresis_k", t.hysteresis(), Unit.KELVIN_DIFFERENCE);
        DesignWriter.put(node, "band_k", t.band(), Unit.KELVIN_DIFFERENCE);
        t.probe().ifPresent(v -> node.put("probe", v));
        return node;
    }

    private static ObjectNode circuit(Device.Circuit c) {
        ObjectNode node = JSON.objectNode();
        DesignWriter.put(node, "static_cm", c.rise(), Unit.CENTIMETRE);
        DesignWriter.list(node, "segments", c.stretches(), DeviceWriter::stretch);
        return node;
    }

    private static ObjectNode stretch(Device.Stretch s) {
        ObjectNode node = JSON.objectNode()
                .put("length_cm", DesignWriter.decimal(Unit.CENTIMETRE.fromSi(s.length())))
                .put("bore_mm", DesignWriter.decimal(Unit.MILLIMETRE.fromSi(s.bore())));
        DesignWriter.put(node, "roughness_mm", s.roughness(), Unit.MILLIMETRE);
        if (!s.fittings().isEmpty()) {
            ObjectNode fittings = node.putObject("fittings");
            s.fittings().keySet().stream()
                    .sorted()
                    .forEach(name -> fittings.put(name, s.fittings().getOrDefault(name, 0)));
        }
        return node;
    }

    static ObjectNode feature(WaterFeature f) {
        ObjectNode node =
                JSON.objectNode().put("id", f.id()).put("type", f.kind().word());
        f.pump().ifPresent(v -> node.put("pump", v));
        DesignWriter.put(node, "q_l_per_h", f.flow(), Unit.LITRE_PER_HOUR);
        DesignWriter.put(node, "width_cm", f.width(), Unit.CENTIMETRE);
        DesignWriter.put(node, "length_cm", f.length(), Unit.CENTIMETRE);
        DesignWriter.put(node, "bar_z_cm", f.bar(), Unit.CENTIMETRE);
        f.face().ifPresent(v -> node.put("face", v));
        DesignWriter.put(node, "slope_pct", f.slope(), Unit.PERCENT);
        return node;
    }
}
