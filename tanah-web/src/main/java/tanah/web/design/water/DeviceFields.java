package tanah.web.design.water;

import java.util.ArrayList;
import java.util.List;
import tanah.core.catalogue.Gear;
import tanah.core.design.WaterFeature;
import tanah.core.design.edit.DeviceNumber;
import tanah.core.design.edit.FeatureNumber;
import tanah.core.units.Unit;
import tanah.web.design.edit.NumberField;
import tanah.web.forms.Quantity;

/** The numbers of pumps, filters, heaters and of the water that they lift. */
final class DeviceFields {
    static final NumberField X = NumberField.length("device-x", DeviceNumber.X, 0.5);
    static final NumberField Y = NumberField.length("device-y", DeviceNumber.Y, 0.5);
    static final NumberField Z = NumberField.length("device-z", DeviceNumber.Z, 0.5);
    static final NumberField POWER =
            NumberField.plain("device-power", Unit.WATT, DeviceNumber.POWER).optional();
    static final NumberField SETPOINT = NumberField.of(
            "device-setpoint", Quantity.Kind.TEMPERATURE, DeviceNumber.SETPOINT, Unit.CELSIUS, true, 0.5);
    static final NumberField RISE =
            NumberField.length("device-rise", DeviceNumber.RISE, 1).optional();
    static final NumberField TUBE = NumberField.length("device-tube", DeviceNumber.TUBE, 5);
    static final NumberField BORE =
            NumberField.plain("device-bore", Unit.MILLIMETRE, DeviceNumber.BORE).required();
    static final NumberField ELBOWS = NumberField.plain("device-elbows", Unit.COUNT, DeviceNumber.ELBOWS);
    static final NumberField DERATE =
            NumberField.of("device-derate", Quantity.Kind.SHARE, DeviceNumber.DERATE, Unit.PERCENT, false, 0);
    static final NumberField OUTLETS = NumberField.plain("device-outlets", Unit.COUNT, DeviceNumber.OUTLETS);
    static final NumberField OUTLET_BORE =
            NumberField.plain("device-outlet-bore", Unit.MILLIMETRE, DeviceNumber.OUTLET_BORE);
    static final NumberField MEDIA = NumberField.plain("device-media", Unit.SQUARE_METRE, DeviceNumber.MEDIA);

    private static final List<NumberField> PLACE = List.of(X, Y, Z);
    static final List<NumberField> LINE = List.of(RISE, TUBE, BORE, ELBOWS);
    static final List<NumberField> ALL =
            List.of(X, Y, Z, POWER, SETPOINT, RISE, TUBE, BORE, ELBOWS, DERATE, OUTLETS, OUTLET_BORE, MEDIA);

    static final NumberField FLOW = NumberField.plain("feature-flow", Unit.LITRE_PER_HOUR, FeatureNumber.FLOW);
    static final NumberField WIDTH = NumberField.length("feature-width", FeatureNumber.WIDTH, 1);
    static final NumberField LENGTH = NumberField.length("feature-length", FeatureNumber.LENGTH, 1);
    static final NumberField BAR = NumberField.length("feature-bar", FeatureNumber.BAR, 1);
    static final NumberField SLOPE =
            NumberField.of("feature-slope", Quantity.Kind.SHARE, FeatureNumber.SLOPE, Unit.PERCENT, false, 0);
    static final List<NumberField> FEATURE = List.of(FLOW, WIDTH, LENGTH, BAR, SLOPE);

    private DeviceFields() {}

    /** Those that say something for a device of this kind. */
    static List<NumberField> of(Gear gear) {
        List<NumberField> fields = new ArrayList<>(PLACE);
        if (!gear.isSponge()) {
            fields.add(POWER);
        }
        if (gear.isWaterHeater()) {
            fields.add(SETPOINT);
        }
        if (gear.isPump()) {
            fields.addAll(LINE);
            fields.add(DERATE);
        }
        if (gear.isFilter() && !gear.isSponge() || gear.isStreamPump()) {
            fields.add(OUTLETS);
            fields.add(OUTLET_BORE);
        }
        if (gear.isFilter()) {
            fields.add(MEDIA);
        }
        return fields;
    }

    /** Those that say something for water of this kind. */
    static List<NumberField> of(WaterFeature.Kind kind) {
        return switch (kind) {
            case STREAM -> FEATURE;
            case DRIP_WALL, FALL -> List.of(FLOW, WIDTH, BAR);
        };
    }

    /** The number of a pump, filter or heater that a field shows. */
    static DeviceNumber number(NumberField field) {
        return field.among(DeviceNumber.class, "device-");
    }

    /** The number of running water that a field shows. */
    static FeatureNumber feature(NumberField field) {
        return field.among(FeatureNumber.class, "feature-");
    }
}
