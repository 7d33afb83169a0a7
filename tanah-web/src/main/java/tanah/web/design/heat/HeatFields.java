package tanah.web.design.heat;

import java.util.List;
import java.util.OptionalDouble;
import tanah.core.design.Device;
import tanah.core.design.edit.DayNumber;
import tanah.core.design.edit.DeviceNumber;
import tanah.core.design.edit.EditNumber;
import tanah.core.design.edit.RectNumber;
import tanah.core.units.Unit;
import tanah.web.design.edit.NumberField;
import tanah.web.forms.Quantity;

/** The numbers of lamps, mats and their control, and of the lamps' day. */
public final class HeatFields {
    static final NumberField X = NumberField.length("lamp-x", DeviceNumber.X, 1);
    static final NumberField Y = NumberField.length("lamp-y", DeviceNumber.Y, 1);
    static final NumberField Z = NumberField.length("lamp-z", DeviceNumber.Z, 1);
    static final NumberField POWER =
            NumberField.plain("lamp-power", Unit.WATT, DeviceNumber.POWER).optional();
    static final NumberField DIM =
            NumberField.of("lamp-dim", Quantity.Kind.SHARE, DeviceNumber.DIM, Unit.PERCENT, false, 5);
    static final NumberField BEAM =
            NumberField.plain("lamp-beam", Unit.DEGREE, DeviceNumber.BEAM).optional();
    static final NumberField AGEING =
            NumberField.of("lamp-ageing", Quantity.Kind.SHARE, DeviceNumber.AGEING, Unit.PERCENT, false, 0);
    static final NumberField ON = hours("lamp-on", DeviceNumber.ON);
    static final NumberField HOURS = hours("lamp-hours", DeviceNumber.HOURS);
    static final NumberField SET_DAY =
            NumberField.of("lamp-set-day", Quantity.Kind.TEMPERATURE, DeviceNumber.SET_DAY, Unit.CELSIUS, true, 0.5);
    static final NumberField SET_NIGHT = NumberField.of(
            "lamp-set-night", Quantity.Kind.TEMPERATURE, DeviceNumber.SET_NIGHT, Unit.CELSIUS, true, 0.5);
    static final NumberField HYSTERESIS = NumberField.plain(
                    "lamp-hysteresis", Unit.KELVIN_DIFFERENCE, DeviceNumber.HYSTERESIS)
            .required();
    static final NumberField FROM = NumberField.length("lamp-from", RectNumber.FROM, 1);
    static final NumberField TO = NumberField.length("lamp-to", RectNumber.TO, 1);
    static final NumberField LOW = NumberField.length("lamp-low", RectNumber.LOW, 1);
    static final NumberField HIGH = NumberField.length("lamp-high", RectNumber.HIGH, 1);

    static final List<NumberField> EDGES = List.of(FROM, TO, LOW, HIGH);
    public static final List<NumberField> ALL =
            List.of(X, Y, Z, POWER, DIM, BEAM, AGEING, ON, HOURS, SET_DAY, SET_NIGHT, HYSTERESIS, FROM, TO, LOW, HIGH);

    static final NumberField PHOTOPERIOD = hours("photoperiod", DayNumber.PHOTOPERIOD);
    static final NumberField START = hours("day-start", DayNumber.DAY_START);
    static final List<NumberField> DAY = List.of(PHOTOPERIOD, START);

    private HeatFields() {}

    private static NumberField hours(String op, EditNumber number) {
        return NumberField.plain(op, Unit.HOUR, number).required();
    }

    /** The number of a lamp or mat that a field shows. */
    static DeviceNumber number(NumberField field) {
        return field.among(DeviceNumber.class, "lamp-");
    }

    /** The edge of a mat that a field shows. */
    static RectNumber edge(NumberField field) {
        return field.among(RectNumber.class, "lamp-");
    }

    /** The hour of the lamps' day that a field shows. */
    static DayNumber hour(NumberField field) {
        return field.among(DayNumber.class, "");
    }

    public static OptionalDouble get(NumberField field, Device d) {
        if (!EDGES.contains(field)) {
            return number(field).of(d);
        }
        return d.laid().rect().stream().mapToDouble(edge(field)::of).findFirst();
    }
}
