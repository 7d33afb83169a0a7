package tanah.files.design;

import tanah.core.design.RoomPlan;
import tanah.core.design.VesselPlan;
import tanah.core.units.Unit;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes vessel and room. */
final class VesselWriter {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    private VesselWriter() {}

    static ObjectNode vessel(VesselPlan v) {
        ObjectNode node = JSON.objectNode();
        v.catalogue().ifPresent(c -> node.put("catalogue", c));
        v.shape().ifPresent(s -> node.put("shape", DesignWriter.word(s)));
        v.outside().ifPresent(m -> node.set("outside_cm", measures(m)));
        v.inside().ifPresent(m -> node.set("inside_cm", measures(m)));
        if (v.pane().isPresent() || v.base().isPresent()) {
            ObjectNode pane = node.putObject("pane_mm");
            DesignWriter.put(pane, "side", v.pane(), Unit.MILLIMETRE);
            DesignWriter.put(pane, "base", v.base(), Unit.MILLIMETRE);
        }
        v.material().ifPresent(m -> node.put("material", DesignWriter.word(m)));
        v.label().ifPresent(l -> {
            ObjectNode label = node.putObject("label");
            label.put("value", DesignWriter.decimal(l.value()));
            label.put("unit", DesignWriter.word(l.unit()));
        });
        DesignWriter.put(node, "usable_height_cm", v.usableHeight(), Unit.CENTIMETRE);
        DesignWriter.put(node, "front_dam_height_cm", v.frontDam(), Unit.CENTIMETRE);
        DesignWriter.put(node, "waterproof_depth_cm", v.waterproofDepth(), Unit.CENTIMETRE);
        v.lid().ifPresent(l -> {
            ObjectNode lid = node.putObject("lid");
            l.material().ifPresent(m -> lid.put("material", m));
            DesignWriter.put(lid, "thickness_mm", l.thickness(), Unit.MILLIMETRE);
            DesignWriter.put(lid, "mesh_fraction", l.meshFraction(), Unit.SHARE);
            l.mesh().side().ifPresent(m -> lid.put("mesh_side", m.word()));
            l.mesh().item().ifPresent(m -> lid.put("mesh", m));
            DesignWriter.put(lid, "mesh_open_fraction", l.mesh().open(), Unit.SHARE);
            DesignWriter.keep(lid, l.kept());
        });
        v.structure().ifPresent(s -> {
            ObjectNode structure = node.putObject("structure");
            DesignWriter.put(structure, "fittings_kg", s.fittings(), Unit.KILOGRAM);
            DesignWriter.put(structure, "stand_kg", s.stand(), Unit.KILOGRAM);
            DesignWriter.put(structure, "stand_capacity_kg", s.capacity(), Unit.KILOGRAM);
            DesignWriter.keep(structure, s.kept());
        });
        AirWriter.envelope(node, v.envelope());
        DesignWriter.keep(node, v.kept());
        return node;
    }

    private static ObjectNode measures(VesselPlan.Measures m) {
        ObjectNode node = JSON.objectNode();
        DesignWriter.put(node, "length", m.length(), Unit.CENTIMETRE);
        DesignWriter.put(node, "width", m.width(), Unit.CENTIMETRE);
        DesignWriter.put(node, "height", m.height(), Unit.CENTIMETRE);
        DesignWriter.put(node, "leg", m.leg(), Unit.CENTIMETRE);
        DesignWriter.put(node, "side", m.side(), Unit.CENTIMETRE);
        DesignWriter.put(node, "side_width", m.sideWidth(), Unit.CENTIMETRE);
        DesignWriter.put(node, "bow", m.bow(), Unit.CENTIMETRE);
        return node;
    }

    static ObjectNode room(RoomPlan r) {
        ObjectNode node = JSON.objectNode();
        node.set("winter", season(r.winter()));
        node.set("summer", season(r.summer()));
        DesignWriter.put(node, "band_k", r.givenBand(), Unit.KELVIN_DIFFERENCE);
        DesignWriter.keep(node, r.kept());
        return node;
    }

    private static ObjectNode season(RoomPlan.Season s) {
        return JSON.objectNode()
                .put("temp_day_c", DesignWriter.decimal(s.tempDay()))
                .put("temp_night_c", DesignWriter.decimal(s.tempNight()))
                .put("rh_day_pct", DesignWriter.decimal(Unit.PERCENT.fromSi(s.humidityDay())))
                .put("rh_night_pct", DesignWriter.decimal(Unit.PERCENT.fromSi(s.humidityNight())));
    }
}
