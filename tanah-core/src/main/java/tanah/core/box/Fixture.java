package tanah.core.box;

import java.util.Optional;
import tanah.core.light.Band;
import tanah.core.light.Emitter;
import tanah.core.light.Lid;

/**
 * A device that gives off heat.
 *
 * @param name       unique in the enclosure
 * @param power      W
 * @param hours      when it may run
 * @param dim        share of its power, 0 to 1
 * @param thermostat that rules it
 * @param part       what it does with its power
 */
public record Fixture(String name, double power, Hours hours, double dim, Optional<Thermostat> thermostat, Part part) {

    /** When something is switched on. */
    public sealed interface Hours {
        boolean isOn(double hour, double lightsOn, double photoperiod);

        /** Hours of a day for which it is on. */
        double lasts(double photoperiod);

        /** While the lamps' day lasts. */
        record Day() implements Hours {
            @Override
            public boolean isOn(double hour, double lightsOn, double photoperiod) {
                return within(hour, lightsOn, photoperiod);
            }

            @Override
            public double lasts(double photoperiod) {
                return photoperiod;
            }
        }

        /** Outside it. */
        record Night() implements Hours {
            @Override
            public boolean isOn(double hour, double lightsOn, double photoperiod) {
                return !within(hour, lightsOn, photoperiod);
            }

            @Override
            public double lasts(double photoperiod) {
                return 24 - photoperiod;
            }
        }

        /** All day and night. */
        record Always() implements Hours {
            @Override
            public boolean isOn(double hour, double lightsOn, double photoperiod) {
                return true;
            }

            @Override
            public double lasts(double photoperiod) {
                return 24;
            }
        }

        /** From an hour of the day for some hours. */
        record From(double hour, double hours) implements Hours {
            @Override
            public boolean isOn(double now, double lightsOn, double photoperiod) {
                return within(now, hour, hours);
            }

            @Override
            public double lasts(double photoperiod) {
                return hours;
            }
        }
    }

    /** Kinds of control. */
    public enum Control {
        ON_OFF,
        DIMMING,
        PULSE
    }

    /**
     * A thermostat.
     *
     * @param control    kind
     * @param day        set point with the lights on (°C)
     * @param night      set point without (°C)
     * @param hysteresis between on and off (K)
     * @param band       over which the power goes from all to nothing (K)
     * @param probe      where it feels
     */
    public record Thermostat(Control control, double day, double night, double hysteresis, double band, Probe probe) {}

    /** Where a thermostat feels. */
    public sealed interface Probe {
        /** @param bare whether the light of lamps warms it, as it warms any bare probe; else it feels the air alone */
        record Air(double x, double y, double z, boolean bare) implements Probe {}

        record Surface(double x, double y) implements Probe {}

        record Platform(int index) implements Probe {}

        record Water(int index) implements Probe {}
    }

    /** What becomes of the power. */
    public sealed interface Part {}

    /**
     * A lamp or radiant heater.
     *
     * @param shape    form and place
     * @param beam     share in its directed light
     * @param wide     share in undirected light
     * @param diffuse  share as long waves in all directions; what is left warms the air
     * @param band     of the directed light
     * @param wideBand of the undirected light
     * @param uv       its reading, if it gives UV
     * @param photons  mol/s that plants use; 0 for none
     * @param usable   share of them after dirt and covers
     */
    public record Lamp(
            Emitter shape,
            double beam,
            double wide,
            double diffuse,
            Band band,
            Band wideBand,
            Optional<UvReading> uv,
            double photons,
            double usable)
            implements Part {}

    /**
     * UV index read at a distance in free air, the sensor facing the lamp.
     *
     * @param index    UV index
     * @param distance m
     */
    public record UvReading(double index, double distance) {}

    /**
     * A heat mat.
     *
     * @param side on a side; empty: under the bottom
     * @param from along the side or along the front (m)
     * @param to   m
     * @param low  height on the side, or distance from the front (m)
     * @param high m
     */
    public record Mat(Optional<Lid.Side> side, double from, double to, double low, double high) implements Part {}

    /** A heating cable in the ground: left, right, front, back and height (m). */
    public record Cable(double x0, double x1, double y0, double y1, double z) implements Part {}

    /** A heater or pump: share of its heat that reaches a water. */
    public record InWater(int water, double share) implements Part {}

    /** A device beside the box: a pump of a mist, a control, a timer. Its heat stays in the room. */
    public record Outside() implements Part {}

    /** A fan or a fogger: all of its power stays in the air at its place. */
    public record Fan(double x, double y, double z) implements Part {}

    /** Share of its power that it may use at an hour of the day. */
    public double available(double hour, double lightsOn, double photoperiod) {
        return hours.isOn(hour, lightsOn, photoperiod) ? dim : 0;
    }

    /** The same at any time of the lit or the unlit part of a day: what runs then for a while counts as running. */
    public double availableIn(boolean lit, double lightsOn, double photoperiod) {
        double begins = lit ? lightsOn : lightsOn + photoperiod;
        double lasts = lit ? photoperiod : 24 - photoperiod;
        if (hours instanceof Hours.From own) {
            boolean begun = own.hours() > 0 && within(own.hour(), begins, lasts);
            boolean goesOn = lasts > 0 && within(begins, own.hour(), own.hours());
            return begun || goesOn ? dim : 0;
        }
        return available(begins + lasts / 2, lightsOn, photoperiod);
    }

    /** Whether an hour lies within some hours after another, round the clock. */
    static boolean within(double hour, double from, double hours) {
        double since = ((hour - from) % 24 + 24) % 24;
        return since < hours;
    }

    /** A controller that a heater has within itself, of half a kelvin. */
    public static Thermostat dimming(double celsius, Probe probe) {
        return new Thermostat(Control.DIMMING, celsius, celsius, 0.5, 0.5, probe);
    }
}
