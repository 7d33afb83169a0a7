package tanah.core.testing;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.LampModel;
import tanah.core.catalogue.MistGear;

/** Lamps, heaters, controls and mist gear for tests; made-up rows with round numbers. */
public final class TestGear {
    private static final OptionalDouble NONE = OptionalDouble.empty();

    /** A halogen reflector that may be dimmed: 30 cm from animals, 20 from plants, 40 from what burns. */
    public static final LampModel SPOT = lamp("spot", "halogen", "heat", true, "dimming", 0.1);
    /** A ceramic bulb: gives no light, may be switched or pulsed. */
    public static final LampModel CERAMIC = lamp("ceramic", "ceramic", "heat", false, "pulse or on_off", 0);
    /** A discharge lamp that nothing but a timer may switch. */
    public static final LampModel DISCHARGE = lamp("discharge", "metal_halide", "heat+uvb", false, "timer only", 0.2);
    /** A tube that gives UV. */
    public static final LampModel TUBE = new LampModel(
            "tube",
            "tube",
            "uvb_t5",
            "uvb",
            24,
            27,
            new LampModel.Body(OptionalDouble.of(0.5), NONE, NONE, NONE),
            new LampModel.Shares(0.02, 0.2, 0, 0, 0, 0.5),
            new LampModel.Light(NONE, NONE),
            Optional.of(new LampModel.Uv(3, 2, 4, 0.3, "reflector")),
            new LampModel.Distances(OptionalDouble.of(0.2), NONE, NONE),
            OptionalDouble.of(12),
            false,
            "timer",
            Optional.empty(),
            Optional.empty(),
            "memory");

    public static final Gear MAT = gear("mat", "heat_mat", 15, NONE);
    public static final Gear CABLE = gear("cable", "heat_cable", 25, NONE);
    public static final Gear HEATER_25 = gear("heater-25", "water_heater", 25, NONE);
    public static final Gear HEATER_50 = gear("heater-50", "water_heater", 50, NONE);
    public static final Gear HEATER_100 = gear("heater-100", "water_heater", 100, NONE);
    public static final Gear DIMMER = gear("thermostat-dim-300", "thermostat", 0, OptionalDouble.of(300));
    public static final Gear PULSE = gear("thermostat-pulse-600", "thermostat", 0, OptionalDouble.of(600));
    public static final Gear SWITCH = gear("thermostat-onoff-1000", "thermostat", 0, OptionalDouble.of(1000));

    /** Feeds 10 nozzles and gives 1 l/min. */
    public static final MistGear PUMP = mist("mist-pump", "mist_pump", 10, 1e-3 / 60, NONE);
    /** 80 ml/min. */
    public static final MistGear NOZZLE = mist("nozzle", "nozzle", 0, 80e-6 / 60, NONE);
    /** 5 litres. */
    public static final MistGear TANK = mist("tank", "tank", 0, 0, OptionalDouble.of(0.005));

    private TestGear() {}

    public static Catalogue catalogue() {
        Catalogue media = TestMedia.catalogue();
        return new Catalogue(
                List.of(),
                List.copyOf(media.allMedia()),
                List.copyOf(media.allMixes()),
                List.of(),
                List.of(MAT, CABLE, HEATER_25, HEATER_50, HEATER_100, DIMMER, PULSE, SWITCH),
                new Catalogue.Air(List.of(SPOT, CERAMIC, DISCHARGE, TUBE), List.of(PUMP, NOZZLE, TANK), List.of()),
                Catalogue.Living.NONE,
                List.of());
    }

    /** A device of a category, nothing else said. */
    public static Gear gearOf(String category) {
        return gear(category, category, 0, NONE);
    }

    /** A heater of a length (m). */
    public static Gear longHeater(double length) {
        Gear.Heat heat = new Gear.Heat(NONE, OptionalDouble.of(length), NONE, NONE, NONE);
        Gear h = HEATER_25;
        return new Gear(h.id(), h.name(), h.category(), h.power(), h.flow(), heat, h.price(), h.note(), h.source());
    }

    private static LampModel lamp(
            String id, String category, String role, boolean dims, String control, double visible) {
        return new LampModel(
                id,
                id,
                category,
                role,
                100,
                100,
                new LampModel.Body(NONE, NONE, NONE, OptionalDouble.of(Math.toRadians(30))),
                new LampModel.Shares(0, visible, 0.5, 0, 0, 0.2),
                new LampModel.Light(NONE, NONE),
                Optional.empty(),
                new LampModel.Distances(OptionalDouble.of(0.3), OptionalDouble.of(0.2), OptionalDouble.of(0.4)),
                NONE,
                dims,
                control,
                Optional.empty(),
                Optional.empty(),
                "memory");
    }

    private static Gear gear(String id, String category, double watts, OptionalDouble load) {
        return new Gear(
                id,
                id,
                category,
                watts > 0 ? OptionalDouble.of(watts) : NONE,
                new Gear.Flow(NONE, NONE, NONE, NONE, NONE, NONE),
                new Gear.Heat(NONE, NONE, NONE, load, NONE),
                Optional.empty(),
                Optional.empty(),
                "memory");
    }

    private static MistGear mist(String id, String category, double nozzles, double flow, OptionalDouble tank) {
        return new MistGear(
                id,
                id,
                category,
                NONE,
                flow > 0 ? OptionalDouble.of(flow) : NONE,
                nozzles > 0 ? OptionalDouble.of(nozzles) : NONE,
                tank,
                NONE,
                NONE,
                Optional.empty(),
                Optional.empty(),
                "memory");
    }
}
