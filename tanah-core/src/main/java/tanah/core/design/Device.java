package tanah.core.design;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * Something that runs on current: a lamp, a heater, a pump, a filter.
 *
 * @param id         in the document
 * @param item       of the catalogue
 * @param type       what it is computed as, if that is not its item's
 * @param power      W, if not its item's
 * @param at         where it hangs or stands; of a pump or filter the inlet, of a heater its middle
 * @param guard      item that keeps animals off it
 * @param thermostat what switches it
 * @param circuit    the water line of a pump
 * @param outlet     where the water of a pump or filter leaves
 * @param waterShare part of its power that ends in the water, 0 to 1
 * @param running    when and how strongly it runs
 * @param ray        how a lamp shines
 * @param laid       where a mat or cable lies
 * @param kept       fields that nothing reads
 */
@RecordBuilder
public record Device(
        String id,
        String item,
        Optional<String> type,
        OptionalDouble power,
        Spot at,
        Optional<String> guard,
        Optional<Thermostat> thermostat,
        Optional<Circuit> circuit,
        Outlet outlet,
        OptionalDouble waterShare,
        Running running,
        Ray ray,
        Laid laid,
        OtherFields kept)
        implements DeviceBuilder.With {

    /** Place in the box (m), each measure where it is known. */
    @RecordBuilder
    public record Spot(OptionalDouble x, OptionalDouble y, OptionalDouble z) implements DeviceSpotBuilder.With {
        public static final Spot NOWHERE =
                new Spot(OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty());

        public static Spot at(double x, double y, double z) {
            return new Spot(OptionalDouble.of(x), OptionalDouble.of(y), OptionalDouble.of(z));
        }

        /** The place moved between zero and these (m); what is unknown stays unknown. */
        public Spot within(double length, double width, double height) {
            return new Spot(within(x, length), within(y, width), within(z, height));
        }

        private static OptionalDouble within(OptionalDouble value, double most) {
            return value.isPresent() ? OptionalDouble.of(Math.max(0, Math.min(most, value.getAsDouble()))) : value;
        }
    }

    /**
     * @param item       of the catalogue, or {@code built_in}
     * @param type       on_off, dimming, pulse
     * @param day        setpoint by day (°C)
     * @param night      setpoint at night (°C)
     * @param hysteresis between off and on (K)
     * @param band       over which a dimmer closes (K)
     * @param probe      id of the place that it feels
     */
    @RecordBuilder
    public record Thermostat(
            Optional<String> item,
            Optional<String> type,
            OptionalDouble day,
            OptionalDouble night,
            OptionalDouble hysteresis,
            OptionalDouble band,
            Optional<String> probe)
            implements DeviceThermostatBuilder.With {

        /** The thermostat inside a water heater, set to one temperature day and night (°C). */
        public static Thermostat builtIn(double celsius) {
            return new Thermostat(
                    Optional.of("built_in"),
                    Optional.of("on_off"),
                    OptionalDouble.of(celsius),
                    OptionalDouble.of(celsius),
                    OptionalDouble.of(1),
                    OptionalDouble.empty(),
                    Optional.empty());
        }
    }

    /**
     * The line from a pump to its outlet.
     *
     * @param rise      from the water to the outlet (m); empty: not measured
     * @param stretches in the order of the flow
     */
    @RecordBuilder
    public record Circuit(OptionalDouble rise, List<Stretch> stretches) implements DeviceCircuitBuilder.With {
        public Circuit {
            stretches = List.copyOf(stretches);
        }
    }

    /**
     * A stretch of one bore.
     *
     * @param length    m
     * @param bore      inner diameter (m)
     * @param roughness m; empty: smooth plastic
     * @param fittings  how many of each, by their names in the format
     */
    @RecordBuilder
    public record Stretch(double length, double bore, OptionalDouble roughness, Map<String, Integer> fittings)
            implements DeviceStretchBuilder.With {
        public Stretch {
            fittings = Map.copyOf(fittings);
        }
    }

    /**
     * @param derate share of the head that is left, 0 to 1
     * @param media  surface for bacteria in a filter (m²)
     * @param count  openings, default 1
     * @param bore   of one opening (m)
     */
    @RecordBuilder
    public record Outlet(OptionalDouble derate, OptionalDouble media, OptionalInt count, OptionalDouble bore)
            implements DeviceOutletBuilder.With {
        public static final Outlet UNSAID =
                new Outlet(OptionalDouble.empty(), OptionalDouble.empty(), OptionalInt.empty(), OptionalDouble.empty());
    }

    /**
     * @param schedule when it may run, default always
     * @param dim      share of its power, default 1
     * @param ageing   share of its UV that is lost; empty: new and old are both judged
     */
    @RecordBuilder
    public record Running(Optional<Schedule> schedule, OptionalDouble dim, OptionalDouble ageing)
            implements DeviceRunningBuilder.With {
        public static final Running UNSAID =
                new Running(Optional.empty(), OptionalDouble.empty(), OptionalDouble.empty());

        /** When it may run. */
        public Schedule when() {
            return schedule.orElse(Schedule.ALWAYS);
        }

        public Running on(Schedule changed) {
            return withSchedule(Optional.of(changed));
        }
    }

    /**
     * @param aim       direction, default down
     * @param alongX    whether a tube lies along the front, default yes
     * @param length    of a tube, if not its item's (m)
     * @param beam      full width at half maximum, if not its item's (rad)
     * @param optic     bare, reflector or lambertian, if not its item's
     * @param clearance measured distance to the animal's nearest place (m)
     */
    @RecordBuilder
    public record Ray(
            Optional<Aim> aim,
            Optional<Boolean> alongX,
            OptionalDouble length,
            OptionalDouble beam,
            Optional<String> optic,
            OptionalDouble clearance)
            implements DeviceRayBuilder.With {
        public static final Ray UNSAID = new Ray(
                Optional.empty(),
                Optional.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                OptionalDouble.empty());
    }

    /** A direction; its length has no meaning. */
    public record Aim(double x, double y, double z) {}

    /**
     * @param face  that a mat lies on
     * @param rect  on that face, or in the ground for a cable (m)
     * @param depth of a cable under the surface (m)
     */
    @RecordBuilder
    public record Laid(Optional<Envelope.Face> face, Optional<Rect> rect, OptionalDouble depth)
            implements DeviceLaidBuilder.With {
        public static final Laid NOWHERE = new Laid(Optional.empty(), Optional.empty(), OptionalDouble.empty());
    }

    /** Along the face from, low, to, high (m); under the bottom left, front, right, back. */
    @RecordBuilder
    public record Rect(double from, double low, double to, double high) implements DeviceRectBuilder.With {}

    /** An item at a place, nothing else said. */
    public static Device of(String id, String item, Spot at) {
        return new Device(
                id,
                item,
                Optional.empty(),
                OptionalDouble.empty(),
                at,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Outlet.UNSAID,
                OptionalDouble.empty(),
                Running.UNSAID,
                Ray.UNSAID,
                Laid.NOWHERE,
                OtherFields.NONE);
    }

    public Device withItem(String changed) {
        return with().item(changed)
                .power(OptionalDouble.empty())
                .ray(ray.withBeam(OptionalDouble.empty()))
                .build();
    }

    public Device withSpot(Spot spot) {
        return withAt(spot);
    }

    public Device withThermostat(Thermostat changed) {
        return withThermostat(Optional.of(changed));
    }

    public Device withoutThermostat() {
        return withThermostat(Optional.empty());
    }
}
