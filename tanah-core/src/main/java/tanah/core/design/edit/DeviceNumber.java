package tanah.core.design.edit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import tanah.core.design.Device;
import tanah.core.design.Fitting;
import tanah.core.design.Schedule;

/** The numbers of a lamp, heater, pump or filter, in SI: where each stands and how it is set. */
public enum DeviceNumber implements EditNumber {
    /** Place along the front (m). */
    X(0, 4),
    /** Place from the front to the back (m). */
    Y(0, 4),
    /** Height over the inner base (m). */
    Z(0, 4),
    /** W; empty: its item's. */
    POWER(0, 3000),
    /** Share of its power, 0 to 1. */
    DIM(0.01, 1),
    /** Full width at half maximum (rad). */
    BEAM(Math.toRadians(5), Math.toRadians(170)),
    /** Share of its UV that is lost, 0 to 1. */
    AGEING(0, 0.5),
    /** Switched on by the clock (s after midnight). */
    ON(0, 86_400),
    /** By the clock for so long (s). */
    HOURS(0, 86_400),
    /** Set point of its control by day (°C). */
    SET_DAY(5, 60),
    /** Set point of its control at night (°C). */
    SET_NIGHT(5, 60),
    /** Between off and on (K). */
    HYSTERESIS(0.1, 10),
    /** One set point day and night (°C); a heater without a control gets the built-in one. */
    SETPOINT(5, 40),
    /** From the water to the outlet of a pump (m). */
    RISE(0, 10),
    /** Length of the tube (m). */
    TUBE(0.01, 50),
    /** Inner diameter of the tube (m). */
    BORE(0.5e-3, 0.2),
    /** Elbows in the tube. */
    ELBOWS(0, 20),
    /** Share of the head that is left, 0 to 1. */
    DERATE(0.05, 1),
    /** Openings of the outlet. */
    OUTLETS(1, 200),
    /** Diameter of one opening (m). */
    OUTLET_BORE(0.5e-3, 0.2),
    /** Surface for bacteria in a filter (m²). */
    MEDIA(0, 1000);

    private final Limits limits;

    DeviceNumber(double min, double max) {
        limits = new Limits(min, max);
    }

    @Override
    public Limits limits() {
        return limits;
    }

    private static final double HOUR = 3600; // s
    private static final double USUAL_HYSTERESIS = 1; // K, where none is said

    /** A new line: half a metre of tube, 9 mm inside, with a strainer before and the open end after it. */
    private static final Device.Stretch NEW_LINE = new Device.Stretch(
            0.5, 0.009, OptionalDouble.empty(), Map.of(Fitting.STRAINER.word(), 1, Fitting.EXIT.word(), 1));

    /** The word in forms and message keys. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public OptionalDouble of(Device d) {
        Optional<Device.Thermostat> control = d.thermostat();
        return switch (this) {
            case X -> d.at().x();
            case Y -> d.at().y();
            case Z -> d.at().z();
            case POWER -> d.power();
            case DIM -> d.running().dim();
            case BEAM -> d.ray().beam();
            case AGEING -> d.running().ageing();
            case ON -> OptionalDouble.of(HOUR * d.running().when().on());
            case HOURS -> OptionalDouble.of(HOUR * d.running().when().hours());
            case SET_DAY, SETPOINT -> control.map(Device.Thermostat::day).orElse(OptionalDouble.empty());
            case SET_NIGHT -> control.map(DeviceNumber::night).orElse(OptionalDouble.empty());
            case HYSTERESIS ->
                OptionalDouble.of(control.map(Device.Thermostat::hysteresis)
                        .orElse(OptionalDouble.empty())
                        .orElse(USUAL_HYSTERESIS));
            case RISE -> d.circuit().map(Device.Circuit::rise).orElse(OptionalDouble.empty());
            case TUBE -> ofLine(d, Device.Stretch::length);
            case BORE -> ofLine(d, Device.Stretch::bore);
            case ELBOWS -> ofLine(d, s -> (double) s.fittings().getOrDefault(Fitting.ELBOW_90.word(), 0));
            case DERATE -> d.outlet().derate();
            case OUTLETS -> d.outlet().count().stream().mapToDouble(n -> n).findFirst();
            case OUTLET_BORE -> d.outlet().bore();
            case MEDIA -> d.outlet().media();
        };
    }

    /** The device with the number; hours by the clock, set points, tube and bore have to be given. */
    Device set(Device d, OptionalDouble v) {
        Schedule now = d.running().when();
        return switch (this) {
            case X -> d.withAt(d.at().withX(v));
            case Y -> d.withAt(d.at().withY(v));
            case Z -> d.withAt(d.at().withZ(v));
            case POWER -> d.withPower(v);
            case DIM -> d.withRunning(d.running().withDim(v));
            case BEAM -> d.withRay(d.ray().withBeam(v));
            case AGEING -> d.withRunning(d.running().withAgeing(v));
            case ON -> d.withRunning(d.running().on(Schedule.clock(v.orElseThrow() / HOUR, now.hours())));
            case HOURS -> d.withRunning(d.running().on(Schedule.clock(now.on(), v.orElseThrow() / HOUR)));
            case SET_DAY -> controlled(d, t -> t.withDay(v));
            case SET_NIGHT -> controlled(d, t -> t.withNight(v));
            case HYSTERESIS -> controlled(d, t -> t.withHysteresis(v));
            case SETPOINT ->
                d.withThermostat(d.thermostat()
                        .map(t -> t.withDay(v).withNight(v))
                        .orElseGet(() -> Device.Thermostat.builtIn(v.orElseThrow())));
            case RISE -> d.withCircuit(Optional.of(new Device.Circuit(v, stretches(d))));
            case TUBE -> line(d, s -> s.withLength(v.orElseThrow()));
            case BORE -> line(d, s -> s.withBore(v.orElseThrow()));
            case ELBOWS -> fitted(d, Fitting.ELBOW_90, (int) Math.round(v.orElse(0)));
            case DERATE -> d.withOutlet(d.outlet().withDerate(v));
            case OUTLETS -> d.withOutlet(d.outlet().withCount(whole(v)));
            case OUTLET_BORE -> d.withOutlet(d.outlet().withBore(v));
            case MEDIA -> d.withOutlet(d.outlet().withMedia(v));
        };
    }

    /** The first stretch of a line, which is the one that the numbers speak of; the others stay as they are. */
    public static Optional<Device.Stretch> firstStretch(Device d) {
        return stretches(d).stream().findFirst();
    }

    /** The same device with a number of fittings in its first stretch. */
    static Device fitted(Device d, Fitting fitting, int count) {
        return line(d, s -> {
            Map<String, Integer> fittings = new LinkedHashMap<>(s.fittings());
            if (count > 0) {
                fittings.put(fitting.word(), count);
            } else {
                fittings.remove(fitting.word());
            }
            return s.withFittings(fittings);
        });
    }

    private static OptionalInt whole(OptionalDouble v) {
        return v.isPresent() ? OptionalInt.of((int) Math.round(v.getAsDouble())) : OptionalInt.empty();
    }

    private static OptionalDouble night(Device.Thermostat t) {
        return t.night().isPresent() ? t.night() : t.day();
    }

    /** The control changed; its night stays what it was, also where only the day was said. */
    private static Device controlled(Device d, UnaryOperator<Device.Thermostat> change) {
        return d.withThermostat(d.thermostat().map(t -> change.apply(t.withNight(night(t)))));
    }

    private static OptionalDouble ofLine(Device d, java.util.function.ToDoubleFunction<Device.Stretch> number) {
        return firstStretch(d).stream().mapToDouble(number).findFirst();
    }

    private static List<Device.Stretch> stretches(Device d) {
        return d.circuit().map(Device.Circuit::stretches).orElse(List.of());
    }

    private static Device line(Device d, UnaryOperator<Device.Stretch> change) {
        List<Device.Stretch> all = new ArrayList<>(stretches(d));
        Device.Stretch now = all.isEmpty() ? NEW_LINE : all.remove(0);
        all.add(0, change.apply(now));
        OptionalDouble rise = d.circuit().map(Device.Circuit::rise).orElse(OptionalDouble.empty());
        return d.withCircuit(Optional.of(new Device.Circuit(rise, all)));
    }
}
