package tanah.web.design.water;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import tanah.core.catalogue.Gear;
import tanah.core.design.Device;
import tanah.core.design.WaterFeature;
import tanah.core.units.Unit;
import tanah.core.water.Fitting;
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
    static final NumberField BORE = NumberField.plain("device-bore", Unit.MILLIMETRE, 0.5e-3, 0.2);
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
        List<NumberField> fields = new java.util.ArrayList<>(PLACE);
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

    static OptionalDouble get(NumberField field, Device d) {
        return switch (field.op()) {
            case "device-x" -> d.at().x();
            case "device-y" -> d.at().y();
            case "device-z" -> d.at().z();
            case "device-power" -> d.power();
            case "device-setpoint" -> d.thermostat().map(Device.Thermostat::day).orElse(OptionalDouble.empty());
            case "device-rise" -> d.circuit().map(Device.Circuit::rise).orElse(OptionalDouble.empty());
            case "device-tube" ->
                first(d).map(s -> OptionalDouble.of(s.length())).orElse(OptionalDouble.empty());
            case "device-bore" -> first(d).map(s -> OptionalDouble.of(s.bore())).orElse(OptionalDouble.empty());
            case "device-elbows" ->
                first(d).map(s -> OptionalDouble.of(s.fittings().getOrDefault(Fitting.ELBOW_90.word(), 0)))
                        .orElse(OptionalDouble.empty());
            case "device-derate" -> d.outlet().derate();
            case "device-outlets" ->
                d.outlet().count().isPresent()
                        ? OptionalDouble.of(d.outlet().count().getAsInt())
                        : OptionalDouble.empty();
            case "device-outlet-bore" -> d.outlet().bore();
            default -> d.outlet().media();
        };
    }

    static Device set(NumberField field, Device d, OptionalDouble v) {
        Device.Spot at = d.at();
        Device.Outlet o = d.outlet();
        return switch (field.op()) {
            case "device-x" -> d.withSpot(new Device.Spot(v, at.y(), at.z()));
            case "device-y" -> d.withSpot(new Device.Spot(at.x(), v, at.z()));
            case "device-z" -> d.withSpot(new Device.Spot(at.x(), at.y(), v));
            case "device-power" -> d.withPower(v);
            case "device-setpoint" -> d.withThermostat(warm(d, v.orElseThrow()));
            case "device-rise" -> d.withCircuit(Optional.of(new Device.Circuit(v, stretches(d))));
            case "device-tube" ->
                stretched(d, s -> new Device.Stretch(v.orElse(0), s.bore(), s.roughness(), s.fittings()));
            case "device-bore" ->
                stretched(d, s -> new Device.Stretch(s.length(), v.orElse(s.bore()), s.roughness(), s.fittings()));
            case "device-elbows" -> fitted(d, Fitting.ELBOW_90, (int) Math.round(v.orElse(0)));
            case "device-derate" -> d.withOutlet(new Device.Outlet(v, o.media(), o.count(), o.bore()));
            case "device-outlets" ->
                d.withOutlet(new Device.Outlet(
                        o.derate(),
                        o.media(),
                        v.isPresent() ? OptionalInt.of((int) Math.round(v.getAsDouble())) : OptionalInt.empty(),
                        o.bore()));
            case "device-outlet-bore" -> d.withOutlet(new Device.Outlet(o.derate(), o.media(), o.count(), v));
            default -> d.withOutlet(new Device.Outlet(o.derate(), v, o.count(), o.bore()));
        };
    }

    private static Device.Thermostat warm(Device d, double celsius) {
        return d.thermostat()
                .map(t -> new Device.Thermostat(
                        t.item(),
                        t.type(),
                        OptionalDouble.of(celsius),
                        OptionalDouble.of(celsius),
                        t.hysteresis(),
                        t.band(),
                        t.probe()))
                .orElseGet(() -> Device.Thermostat.builtIn(celsius));
    }

    /** The first stretch, which is the one that the fields speak of; the others stay as they are. */
    static Optional<Device.Stretch> first(Device d) {
        return d.circuit().flatMap(c -> c.stretches().stream().findFirst());
    }

    private static List<Device.Stretch> stretches(Device d) {
        return d.circuit().map(Device.Circuit::stretches).orElse(List.of());
    }

    private static Device stretched(Device d, UnaryOperator<Device.Stretch> change) {
        List<Device.Stretch> all = new java.util.ArrayList<>(stretches(d));
        Device.Stretch now = all.isEmpty()
                ? new Device.Stretch(
                        0.5, 0.009, OptionalDouble.empty(), Map.of(Fitting.STRAINER.word(), 1, Fitting.EXIT.word(), 1))
                : all.remove(0);
        all.add(0, change.apply(now));
        return d.withCircuit(Optional.of(
                new Device.Circuit(d.circuit().map(Device.Circuit::rise).orElse(OptionalDouble.empty()), all)));
    }

    /** The same device with a number of fittings in its first stretch. */
    static Device fitted(Device d, Fitting fitting, int count) {
        return stretched(d, s -> {
            Map<String, Integer> fittings = new LinkedHashMap<>(s.fittings());
            if (count > 0) {
                fittings.put(fitting.word(), count);
            } else {
                fittings.remove(fitting.word());
            }
            return new Device.Stretch(s.length(), s.bore(), s.roughness(), fittings);
        });
    }

    static OptionalDouble get(NumberField field, WaterFeature f) {
        return switch (field.op()) {
            case "feature-flow" -> f.flow();
            case "feature-width" -> f.width();
            case "feature-length" -> f.length();
            case "feature-bar" -> f.bar();
            default -> f.slope();
        };
    }

    static WaterFeature set(NumberField field, WaterFeature f, OptionalDouble v) {
        return switch (field.op()) {
            case "feature-flow" -> f.withFlow(v);
            case "feature-width" -> f.withWidth(v);
            case "feature-length" -> f.withLength(v);
            case "feature-bar" -> f.withBar(v);
            default -> f.withSlope(v);
        };
    }
}
