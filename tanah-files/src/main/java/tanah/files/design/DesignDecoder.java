package tanah.files.design;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.design.CrewChoice;
import tanah.core.design.Design;
import tanah.core.design.HeatDay;
import tanah.core.design.NeedOverride;
import tanah.core.design.Planting;
import tanah.core.design.Probe;
import tanah.core.design.Resident;
import tanah.core.design.RoomPlan;
import tanah.core.design.SchoolChoice;
import tanah.core.design.VesselPlan;
import tanah.core.units.Unit;
import tanah.core.vessel.Material;
import tools.jackson.databind.JsonNode;

/** Builds a design from a document that has passed every check. */
final class DesignDecoder {
    private DesignDecoder() {}

    static Design design(JsonNode root) {
        Fields f = new Fields(root);
        f.take("format");
        f.take("version");
        return new Design(
                f.text("name"),
                f.optionalText("note"),
                f.objects("schools").stream().map(DesignDecoder::school).toList(),
                f.objects("animals").stream().map(DesignDecoder::animal).toList(),
                f.optionalText("mix_reason"),
                f.object("vessel").map(DesignDecoder::vessel),
                f.object("room").map(DesignDecoder::room),
                GroundDecoder.ground(f.object("ground")),
                f.objects("hardscape").stream().map(GroundDecoder::hardscape).toList(),
                f.object("water").map(GroundDecoder::water),
                f.object("heat").map(DesignDecoder::heat).orElse(HeatDay.UNSET),
                f.objects("devices").stream().map(DeviceDecoder::device).toList(),
                f.object("air").map(AirDecoder::air),
                f.objects("probes").stream().map(DesignDecoder::probe).toList(),
                f.objects("plants").stream().map(LivingDecoder::plant).toList(),
                f.object("planting").map(LivingDecoder::planting).orElse(Planting.UNSAID),
                f.object("crew").map(LivingDecoder::crew).orElse(CrewChoice.NONE),
                f.rest());
    }

    private static SchoolChoice school(Fields f) {
        return new SchoolChoice(
                f.text("choice"), f.text("option"), f.optionalText("reason"), LocalDate.parse(f.text("date")));
    }

    private static Resident animal(Fields f) {
        return new Resident(
                f.text("id"),
                f.text("species"),
                f.take("count").asInt(),
                f.optionalInt("males"),
                f.optional("age_months", Unit.MONTH),
                f.optional("length_cm", Unit.CENTIMETRE),
                f.optional("mass_g", Unit.GRAM),
                f.optionalText("origin"),
                f.objects("overrides").stream().map(DesignDecoder::override).toList());
    }

    private static NeedOverride override(Fields f) {
        JsonNode value = f.take("value");
        NeedOverride.Value typed;
        if (value.isNumber()) {
            typed = new NeedOverride.Value.Number(value.asDouble());
        } else if (value.isArray()) {
            typed = new NeedOverride.Value.Words(
                    value.valueStream().map(JsonNode::asString).toList());
        } else {
            typed = new NeedOverride.Value.Text(value.asString());
        }
        return new NeedOverride(f.text("field"), typed, f.text("reason"), LocalDate.parse(f.text("date")));
    }

    private static VesselPlan vessel(Fields f) {
        Optional<Fields> pane = f.object("pane_mm");
        return new VesselPlan(
                f.optionalText("catalogue"),
                f.optionalText("shape").map(s -> VesselPlan.Shape.valueOf(s.toUpperCase(Locale.ROOT))),
                f.object("outside_cm").map(DesignDecoder::measures),
                f.object("inside_cm").map(DesignDecoder::measures),
                pane.map(p -> p.optional("side", Unit.MILLIMETRE)).orElse(OptionalDouble.empty()),
                pane.map(p -> p.optional("base", Unit.MILLIMETRE)).orElse(OptionalDouble.empty()),
                f.optionalText("material").map(m -> Material.valueOf(m.toUpperCase(Locale.ROOT))),
                f.object("label").map(DesignDecoder::label),
                f.optional("usable_height_cm", Unit.CENTIMETRE),
                f.optional("front_dam_height_cm", Unit.CENTIMETRE),
                f.optional("waterproof_depth_cm", Unit.CENTIMETRE),
                f.object("lid").map(DesignDecoder::lid),
                f.object("structure").map(DesignDecoder::structure),
                AirDecoder.envelope(f),
                f.rest());
    }

    private static VesselPlan.Measures measures(Fields f) {
        return new VesselPlan.Measures(
                f.optional("length", Unit.CENTIMETRE),
                f.optional("width", Unit.CENTIMETRE),
                f.optional("height", Unit.CENTIMETRE),
                f.optional("leg", Unit.CENTIMETRE),
                f.optional("side", Unit.CENTIMETRE),
                f.optional("side_width", Unit.CENTIMETRE),
                f.optional("bow", Unit.CENTIMETRE));
    }

    private static VesselPlan.LabelText label(Fields f) {
        return new VesselPlan.LabelText(
                f.take("value").asDouble(),
                VesselPlan.LabelUnit.valueOf(f.text("unit").toUpperCase(Locale.ROOT)));
    }

    private static VesselPlan.Lid lid(Fields f) {
        return new VesselPlan.Lid(
                f.optionalText("material"),
                f.optional("thickness_mm", Unit.MILLIMETRE),
                f.optional("mesh_fraction", Unit.SHARE),
                new VesselPlan.Mesh(
                        f.optionalText("mesh_side").map(AirDecoder::face),
                        f.optionalText("mesh"),
                        f.optional("mesh_open_fraction", Unit.SHARE)),
                f.rest());
    }

    private static VesselPlan.Structure structure(Fields f) {
        return new VesselPlan.Structure(
                f.optional("fittings_kg", Unit.KILOGRAM),
                f.optional("stand_kg", Unit.KILOGRAM),
                f.optional("stand_capacity_kg", Unit.KILOGRAM),
                f.rest());
    }

    private static RoomPlan room(Fields f) {
        return new RoomPlan(
                f.object("winter").map(DesignDecoder::season).orElseThrow(),
                f.object("summer").map(DesignDecoder::season).orElseThrow(),
                f.optional("band_k", Unit.KELVIN_DIFFERENCE),
                f.rest());
    }

    private static RoomPlan.Season season(Fields f) {
        return new RoomPlan.Season(
                f.number("temp_day_c", Unit.CELSIUS),
                f.number("temp_night_c", Unit.CELSIUS),
                f.number("rh_day_pct", Unit.PERCENT),
                f.number("rh_night_pct", Unit.PERCENT));
    }

    private static HeatDay heat(Fields f) {
        return new HeatDay(f.optional("photoperiod_h", Unit.COUNT), f.optional("day_start_h", Unit.COUNT));
    }

    private static Probe probe(Fields f) {
        List<String> reads =
                f.take("reads").valueStream().map(JsonNode::asString).toList();
        return new Probe(
                f.text("id"),
                f.optionalText("name"),
                Probe.Kind.valueOf(f.text("kind").toUpperCase(Locale.ROOT)),
                f.optionalText("zone").map(z -> Probe.Zone.valueOf(z.toUpperCase(Locale.ROOT))),
                f.optional("x_cm", Unit.CENTIMETRE),
                f.optional("y_cm", Unit.CENTIMETRE),
                f.optional("z_cm", Unit.CENTIMETRE),
                f.optionalText("on"),
                reads);
    }
}
