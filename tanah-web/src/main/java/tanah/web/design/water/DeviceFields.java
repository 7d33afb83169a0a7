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
    private static final double LARGEST = 4; // m
    private static final double MOST_FITTINGS = 20;

    static final NumberField X = NumberField.length("device-x", 0, LARGEST, 0.5);
    static final NumberField Y = NumberField.length("device-y", 0, LARGEST, 0.5);
    static final NumberField Z = NumberField.length("device-z", 0, LARGEST, 0.5);
    static final NumberField POWER =
            NumberField.plain("device-power", Unit.WATT, 0, 3000).optional();
    static final NumberField SETPOINT =
            new NumberField("device-setpoint", Quantity.Kind.TEMPERATURE, 1, 5, 40, Unit.CELSIUS, true, 0.5);
    static final NumberField RISE = NumberField.length("device-rise", 0, 10, 1).optional();
    static final NumberField TUBE = NumberField.length("device-tube", 0.01, 50, 5);
    static final NumberField BORE =
            NumberField.plain("device-bore", Unit.MILLIMETRE, 0.5e-3, 0.2).required();
    static final NumberField ELBOWS = NumberField.plain("device-elbows", Unit.COUNT, 0, MOST_FITTINGS);
    static final NumberField DERATE =
            new NumberField("device-derate", Quantity.Kind.SHARE, 1, 0.05, 1, Unit.PERCENT, false, 0);
    static final NumberField OUTLETS = NumberField.plain("device-outlets", Unit.COUNT, 1, 200);
    static final NumberField OUTLET_BORE = NumberField.plain("device-outlet-bore", Unit.MILLIMETRE, 0.5e-3, 0.2);
    static final NumberField MEDIA = NumberField.plain("device-media", Unit.SQUARE_METRE, 0, 1000);

    private static final List<NumberField> PLACE = List.of(X, Y, Z);
    static final List<NumberField> LINE = List.of(RISE, TUBE, BORE, ELBOWS);
    static final List<NumberField> ALL =
            List.of(X, Y, Z, POWER, SETPOINT, RISE, TUBE, BORE, ELBOWS, DERATE, OUTLETS, OUTLET_BORE, MEDIA);

    static final NumberField FLOW = NumberField.plain("feature-flow", Unit.LITRE_PER_HOUR, 0, 20 / 3600.0);
    static final NumberField WIDTH = NumberField.length("feature-width", 0.002, LARGEST, 1);
    static final NumberField LENGTH = NumberField.length("feature-length", 0.01, LARGEST, 1);
    static final NumberField BAR = NumberField.length("feature-bar", 0, LARGEST, 1);
    static final NumberField SLOPE =
            new NumberField("feature-slope", Quantity.Kind.SHARE, 1, 0.001, 1, Unit.PERCENT, false, 0);
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
