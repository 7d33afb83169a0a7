package tanah.web.design.heat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.design.Device;
import tanah.core.design.HeatDay;
import tanah.core.design.Schedule;
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

    public static final List<NumberField> ALL =
            List.of(X, Y, Z, POWER, DIM, BEAM, AGEING, ON, HOURS, SET_DAY, SET_NIGHT, HYSTERESIS, FROM, TO, LOW, HIGH);

    static final NumberField PHOTOPERIOD = hours("photoperiod", 24);
    static final NumberField START = hours("day-start", 23.99);
    static final List<NumberField> DAY = List.of(PHOTOPERIOD, START);

    private HeatFields() {}

    private static NumberField hours(String op, double most) {
        return NumberField.plain(op, Unit.HOUR, 0, most * 3600).required();
    }

    public static OptionalDouble get(NumberField field, HeatDay day) {
        return OptionalDouble.of(3600 * (field.equals(PHOTOPERIOD) ? day.hours() : day.start()));
    }

    static HeatDay set(NumberField field, HeatDay day, double seconds) {
        OptionalDouble hours = OptionalDouble.of(seconds / 3600);
        return field.equals(PHOTOPERIOD) ? new HeatDay(hours, day.dayStart()) : new HeatDay(day.photoperiod(), hours);
    }

    public static OptionalDouble get(NumberField field, Device d) {
        Optional<Device.Thermostat> t = d.thermostat();
        Optional<Device.Rect> r = d.laid().rect();
        return switch (field.op()) {
            case "lamp-x" -> d.at().x();
            case "lamp-y" -> d.at().y();
            case "lamp-z" -> d.at().z();
            case "lamp-power" -> d.power();
            case "lamp-dim" -> d.running().dim();
            case "lamp-beam" -> d.ray().beam();
            case "lamp-ageing" -> d.running().ageing();
            case "lamp-on" -> OptionalDouble.of(3600 * d.running().when().on());
            case "lamp-hours" -> OptionalDouble.of(3600 * d.running().when().hours());
            case "lamp-set-day" -> t.map(Device.Thermostat::day).orElse(OptionalDouble.empty());
            case "lamp-set-night" ->
                t.map(x -> x.night().isPresent() ? x.night() : x.day()).orElse(OptionalDouble.empty());
            case "lamp-hysteresis" ->
                OptionalDouble.of(t.map(Device.Thermostat::hysteresis)
                        .orElse(OptionalDouble.empty())
                        .orElse(1));
            case "lamp-from" -> r.map(x -> OptionalDouble.of(x.from())).orElse(OptionalDouble.empty());
            case "lamp-to" -> r.map(x -> OptionalDouble.of(x.to())).orElse(OptionalDouble.empty());
            case "lamp-low" -> r.map(x -> OptionalDouble.of(x.low())).orElse(OptionalDouble.empty());
            default -> r.map(x -> OptionalDouble.of(x.high())).orElse(OptionalDouble.empty());
        };
    }

    static Device set(NumberField field, Device d, OptionalDouble v) {
        Device.Spot at = d.at();
        Schedule s = d.running().when();
        Device.Rect r = d.laid().rect().orElse(new Device.Rect(0, 0, 0.3, 0.2));
        return switch (field.op()) {
            case "lamp-x" -> d.withSpot(new Device.Spot(v, at.y(), at.z()));
            case "lamp-y" -> d.withSpot(new Device.Spot(at.x(), v, at.z()));
            case "lamp-z" -> d.withSpot(new Device.Spot(at.x(), at.y(), v));
            case "lamp-power" -> d.withPower(v);
            case "lamp-dim" -> d.withRunning(d.running().dimmed(v));
            case "lamp-beam" -> d.withRay(d.ray().wide(v));
            case "lamp-ageing" ->
                d.withRunning(
                        new Device.Running(d.running().schedule(), d.running().dim(), v));
            case "lamp-on" -> d.withRunning(d.running().on(Schedule.clock(v.orElse(0) / 3600, s.hours())));
            case "lamp-hours" -> d.withRunning(d.running().on(Schedule.clock(s.on(), v.orElse(0) / 3600)));
            case "lamp-set-day", "lamp-set-night", "lamp-hysteresis" ->
                d.thermostat().map(t -> d.withThermostat(set(field, t, v))).orElse(d);
            case "lamp-from" -> laid(d, new Device.Rect(v.orElse(0), r.low(), r.to(), r.high()));
            case "lamp-to" -> laid(d, new Device.Rect(r.from(), r.low(), v.orElse(0), r.high()));
            case "lamp-low" -> laid(d, new Device.Rect(r.from(), v.orElse(0), r.to(), r.high()));
            default -> laid(d, new Device.Rect(r.from(), r.low(), r.to(), v.orElse(0)));
        };
    }

    private static Device.Thermostat set(NumberField field, Device.Thermostat t, OptionalDouble v) {
        OptionalDouble night = t.night().isPresent() ? t.night() : t.day();
        return switch (field.op()) {
            case "lamp-set-day" ->
                new Device.Thermostat(t.item(), t.type(), v, night, t.hysteresis(), t.band(), t.probe());
            case "lamp-set-night" ->
                new Device.Thermostat(t.item(), t.type(), t.day(), v, t.hysteresis(), t.band(), t.probe());
            default -> new Device.Thermostat(t.item(), t.type(), t.day(), night, v, t.band(), t.probe());
        };
    }

    static Device laid(Device d, Device.Rect r) {
        return d.withLaid(
                new Device.Laid(d.laid().face(), Optional.of(r), d.laid().depth()));
    }
}
