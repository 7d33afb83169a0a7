package tanah.core.design.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Ids;
import tanah.core.design.Probe;

/** Changes of stages 5 and 6: what runs on current. */
public sealed interface DeviceEdit extends Edit {

    /** Put another item in a device's place. */
    record SetDevice(String device, String item) implements DeviceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withDevice(device, d -> d.withItem(item));
        }
    }

    /** Put a guard on a device. */
    record SetGuard(String device, String guard) implements DeviceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withDevice(device, d -> d.withGuard(Optional.of(guard)));
        }
    }

    /** Give the outlet of a device a number of openings. */
    record SetOutlets(String device, int count) implements DeviceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withDevice(
                    device,
                    d -> d.withOutlet(new Device.Outlet(
                            d.outlet().derate(),
                            d.outlet().media(),
                            OptionalInt.of(count),
                            d.outlet().bore())));
        }
    }

    /** Hang a lamp with its front at another height (m). */
    record HangLamp(String device, double z) implements DeviceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withDevice(
                    device, d -> d.withSpot(new Device.Spot(d.at().x(), d.at().y(), OptionalDouble.of(z))));
        }
    }

    /** Take a device out; what it fed is fed by nothing then. */
    record RemoveDevice(String device) implements DeviceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withoutDevice(device);
        }
    }

    /**
     * Give a heater a control of an item and a set point (°C). It feels the plan's basking or warm place, else a new one at the
     * device.
     */
    record Control(String device, String item, double set) implements DeviceEdit {
        /** The usual control of a kind (on_off, dimming, pulse); any other word is the simplest. */
        public static Control ofKind(String device, String kind, double set) {
            String item = switch (kind) {
                case "dimming" -> "thermostat-dim-300";
                case "pulse" -> "thermostat-pulse-600";
                default -> "thermostat-onoff-300";
            };
            return new Control(device, item, set);
        }

        private static final double ASIDE = 0.1; // m from a corner, where the device has no place yet

        @Override
        public Design apply(Design design, EditContext context) {
            Optional<Device> heater = design.device(device);
            if (heater.isEmpty()) {
                return design;
            }
            Optional<String> felt = heater.get()
                    .thermostat()
                    .flatMap(Device.Thermostat::probe)
                    .or(() -> place(design, Probe.Zone.BASKING))
                    .or(() -> place(design, Probe.Zone.WARM));
            Design with = felt.isPresent() ? design : withPlace(design, heater.get());
            String probe = felt.orElseGet(
                    () -> with.probes().get(with.probes().size() - 1).id());
            return with.withDevice(device, d -> d.withThermostat(thermostat(d, probe)));
        }

        private Device.Thermostat thermostat(Device d, String probe) {
            Device.Thermostat before = d.thermostat().orElse(Device.Thermostat.builtIn(set));
            String type = item.contains("dim") ? "dimming" : item.contains("pulse") ? "pulse" : "on_off";
            return new Device.Thermostat(
                    Optional.of(item),
                    Optional.of(type),
                    OptionalDouble.of(set),
                    d.thermostat().isPresent() ? before.night() : OptionalDouble.of(set),
                    before.hysteresis(),
                    OptionalDouble.empty(),
                    Optional.of(probe));
        }

        private static Design withPlace(Design design, Device heater) {
            List<Probe> probes = new ArrayList<>(design.probes());
            probes.add(new Probe(
                    Ids.free(design, "p-control"),
                    Optional.empty(),
                    Probe.Kind.SURFACE,
                    Optional.of(Probe.Zone.WARM),
                    OptionalDouble.of(heater.at().x().orElse(ASIDE)),
                    OptionalDouble.of(heater.at().y().orElse(ASIDE)),
                    OptionalDouble.empty(),
                    Optional.empty(),
                    List.of("temp_surface")));
            return design.withProbes(probes);
        }

        private static Optional<String> place(Design design, Probe.Zone zone) {
            return design.probes().stream()
                    .filter(p -> p.zone().filter(z -> z == zone).isPresent() && p.x().isPresent())
                    .map(Probe::id)
                    .findFirst();
        }
    }
}
