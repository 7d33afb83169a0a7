package tanah.files.design;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import tanah.core.design.Device;
import tanah.core.design.WaterFeature;
import tanah.core.units.Unit;

/** Builds what runs on current, and the water that it lifts. */
final class DeviceDecoder {
    private DeviceDecoder() {}

    static Device device(Fields f) {
        return new Device(
                f.text("id"),
                f.text("item"),
                f.optionalText("type"),
                f.optional("power_w", Unit.WATT),
                new Device.Spot(
                        f.optional("x_cm", Unit.CENTIMETRE),
                        f.optional("y_cm", Unit.CENTIMETRE),
                        f.optional("z_cm", Unit.CENTIMETRE)),
                f.optionalText("guard"),
                f.object("thermostat").map(DeviceDecoder::thermostat),
                f.object("circuit").map(DeviceDecoder::circuit),
                new Device.Outlet(
                        f.optional("derate", Unit.SHARE),
                        f.optional("media_area_m2", Unit.SQUARE_METRE),
                        f.optionalInt("outlets"),
                        f.optional("bore_mm", Unit.MILLIMETRE)),
                f.optional("f_water", Unit.SHARE),
                AirDecoder.running(f),
                AirDecoder.ray(f),
                AirDecoder.laid(f),
                f.rest());
    }

    private static Device.Thermostat thermostat(Fields f) {
        return new Device.Thermostat(
                f.optionalText("item"),
                f.optionalText("type"),
                f.optional("setpoint_day_c", Unit.CELSIUS),
                f.optional("setpoint_night_c", Unit.CELSIUS),
                f.optional("hysteresis_k", Unit.KELVIN_DIFFERENCE),
                f.optional("band_k", Unit.KELVIN_DIFFERENCE),
                f.optionalText("probe"));
    }

    private static Device.Circuit circuit(Fields f) {
        return new Device.Circuit(
                f.optional("static_cm", Unit.CENTIMETRE),
                f.objects("segments").stream().map(DeviceDecoder::stretch).toList());
    }

    private static Device.Stretch stretch(Fields f) {
        Map<String, Integer> fittings = new LinkedHashMap<>();
        f.take("fittings")
                .properties()
                .forEach(p -> fittings.put(p.getKey(), p.getValue().asInt()));
        return new Device.Stretch(
                f.number("length_cm", Unit.CENTIMETRE),
                f.number("bore_mm", Unit.MILLIMETRE),
                f.optional("roughness_mm", Unit.MILLIMETRE),
                fittings);
    }

    static WaterFeature feature(Fields f) {
        return new WaterFeature(
                f.text("id"),
                WaterFeature.Kind.valueOf(f.text("type").toUpperCase(Locale.ROOT)),
                f.optionalText("pump"),
                f.optional("q_l_per_h", Unit.LITRE_PER_HOUR),
                f.optional("width_cm", Unit.CENTIMETRE),
                f.optional("length_cm", Unit.CENTIMETRE),
                f.optional("bar_z_cm", Unit.CENTIMETRE),
                f.optionalText("face"),
                f.optional("slope_pct", Unit.PERCENT));
    }
}
