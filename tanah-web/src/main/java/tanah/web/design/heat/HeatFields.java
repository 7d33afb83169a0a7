package tanah.web.design.heat;

import java.util.List;
import java.util.OptionalDouble;
import tanah.core.design.Device;
import tanah.core.design.edit.DayNumber;
import tanah.core.design.edit.DeviceNumber;
import tanah.core.design.edit.RectNumber;
import tanah.core.units.Unit;
import tanah.web.design.edit.NumberField;
import tanah.web.forms.Quantity;

/** The numbers of lamps, mats and their control, and of the lamps' day. */
public final class HeatFields {
    private static final double FAR = 4; // m

    static final NumberField X = NumberField.length("lamp-x", 0, FAR, 1);
    static final NumberField Y = NumberField.length("lamp-y", 0, FAR, 1);
    static final NumberField Z = NumberField.length("lamp-z", 0, FAR, 1);
    static final NumberField POWER =
            NumberField.plain("lamp-power", Unit.WATT, 0, 3000).optional();
    static final NumberField DIM = new NumberField("lamp-dim", Quantity.Kind.SHARE, 1, 0.01, 1, Unit.PERCENT, false, 5);
    static final NumberField BEAM = NumberField.plain("lamp-beam", Unit.DEGREE, Math.toRadians(5), Math.toRadians(170))
            .optional();
    static final NumberField AGEING =
            new NumberField("lamp-ageing", Quantity.Kind.SHARE, 1, 0, 0.95, Unit.PERCENT, false, 0);
    static final NumberField ON = hours("lamp-on", 24);
    static final NumberField HOURS = hours("lamp-hours", 24);
    static final NumberField SET_DAY =
            new NumberField("lamp-set-day", Quantity.Kind.TEMPERATURE, 1, 5, 60, Unit.CELSIUS, true, 0.5);
    static final NumberField SET_NIGHT =
            new NumberField("lamp-set-night", Quantity.Kind.TEMPERATURE, 1, 5, 60, Unit.CELSIUS, true, 0.5);
    static final NumberField HYSTERESIS = NumberField.plain("lamp-hysteresis", Unit.KELVIN_DIFFERENCE, 0.1, 10)
            .required();
    static final NumberField FROM = NumberField.length("lamp-from", 0, FAR, 1);
    static final NumberField TO = NumberField.length("lamp-to", 0, FAR, 1);
    static final NumberField LOW = NumberField.length("lamp-low", 0, FAR, 1);
    static final NumberField HIGH = NumberField.length("lamp-high", 0, FAR, 1);

    static final List<NumberField> EDGES = List.of(FROM, TO, LOW, HIGH);
    public static final List<NumberField> ALL =
            List.of(X, Y, Z, POWER, DIM, BEAM, AGEING, ON, HOURS, SET_DAY, SET_NIGHT, HYSTERESIS, FROM, TO, LOW, HIGH);

    static final NumberField PHOTOPERIOD = hours("photoperiod", 24);
    static final NumberField START = hours("day-start", 23.99);
    static final List<NumberField> DAY = List.of(PHOTOPERIOD, START);

    private HeatFields() {}

    private static NumberField hours(String op, double most) {
        return NumberField.plain(op, Unit.HOUR, 0, most * 3600).required();
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
