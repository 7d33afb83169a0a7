package tanah.core.design.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Gear;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.Fitting;
import tanah.core.design.Ids;
import tanah.core.design.Probe;
import tanah.core.design.Schedule;

/** Changes of stages 5 and 6: what runs on current. */
public sealed interface DeviceEdit extends Edit {

    /** Id of the device that it changes. */
    String device();

    /** Put another item in a device's place; its watts and its beam are those of the new one. */
    record SetDevice(String device, String item) implements DeviceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withDevice(device, d -> d.withItem(item));
        }
    }

    /** Put a guard of the catalogue on a device, or take it off. */
    record SetGuard(String device, Optional<String> guard) implements DeviceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withDevice(device, d -> d.withGuard(guard));
        }
    }

    /**
     * Put a device in another place (m); what is empty is given no place along that way. It stays inside the box, or no further
     * above it than is said.
     *
     * @param above how far over the box it may hang (m)
     */
    record Place(String device, Device.Spot spot, double above) implements DeviceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.vessel()
                    .map(v -> Boxes.resolve(v, context.catalogue()))
                    .map(v -> spot.within(v.length(), v.width(), v.height() + above))
                    .map(inside -> design.withDevice(device, d -> d.withSpot(inside)))
                    .orElse(design);
        }
    }

    /** Run a device on other hours. */
    record Run(String device, Schedule schedule) implements DeviceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withDevice(device, d -> d.withRunning(d.running().on(schedule)));
        }
    }

    /** Lay a tube along the box or across it. */
    record LayTube(String device, boolean along) implements DeviceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withDevice(device, d -> d.withRay(d.ray().withAlongX(Optional.of(along))));
        }
    }

    /** Put a mat on another face of the box; where on it is chosen anew. */
    record LayMat(String device, Envelope.Face face) implements DeviceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withDevice(
                    device,
                    d -> d.withLaid(d.laid().withFace(Optional.of(face)).withRect(Optional.empty()))
                            .withSpot(Device.Spot.NOWHERE));
        }
    }

    /** Let the control of a device feel another place; without a control nothing changes. */
    record Feel(String device, String probe) implements DeviceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withDevice(
                    device, d -> d.withThermostat(d.thermostat().map(t -> t.withProbe(Optional.of(probe)))));
        }
    }

    /** Run a device without a control. */
    record Uncontrol(String device) implements DeviceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withDevice(device, Device::withoutThermostat);
        }
    }

    /** Give a device another number (SI); one that may be left out is empty then. */
    record SetNumber(String device, DeviceNumber number, OptionalDouble value) implements DeviceEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            return number.refused(value);
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return design.withDevice(device, d -> number.set(d, value));
        }
    }

    /** Give the outlet of a device a number of openings. */
    static SetNumber outlets(String device, int count) {
        return new SetNumber(device, DeviceNumber.OUTLETS, OptionalDouble.of(count));
    }

    /** Hang a lamp with its front at another height (m). */
    static SetNumber hang(String lamp, double z) {
        return new SetNumber(lamp, DeviceNumber.Z, OptionalDouble.of(z));
    }

    /** Lay a mat on a rectangle of its face (m). */
    record LayOn(String device, Device.Rect rect) implements DeviceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withDevice(device, d -> d.withLaid(d.laid().withRect(Optional.of(rect))));
        }
    }

    /** Put a check valve into the line of a pump, or take it out. */
    record FitValve(String device, boolean fitted) implements DeviceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return design.withDevice(device, d -> DeviceNumber.fitted(d, Fitting.CHECK_VALVE, fitted ? 1 : 0));
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

        /** Kinds of control. */
        public static final List<String> KINDS = List.of("on_off", "dimming", "pulse");

        /** Set point where nothing else says one (°C), for a warm place; common practice, no source. */
        public static final double USUAL = 30;

        private static final double ASIDE = 0.1; // m from a corner, where the device has no place yet

        @Override
        public Design apply(Design design, EditContext context) {
            Optional<Device> heater = design.device(device);
            if (heater.isEmpty()) {
                return design;
            }
            if (context.catalogue()
                    .findGear(heater.get().item())
                    .filter(Gear::isWaterHeater)
                    .isPresent()) {
                // its probe hangs in the water where it stands, as its own does
                return design.withDevice(
                        device,
                        d -> d.withThermostat(
                                thermostat(d, heater.get().thermostat().flatMap(Device.Thermostat::probe))));
            }
            Optional<String> felt = heater.get()
                    .thermostat()
                    .flatMap(Device.Thermostat::probe)
                    .or(() -> place(design, Probe.Zone.BASKING))
                    .or(() -> place(design, Probe.Zone.WARM));
            Design with = felt.isPresent() ? design : withPlace(design, heater.get());
            String probe = felt.orElseGet(
                    () -> with.probes().get(with.probes().size() - 1).id());
            return with.withDevice(device, d -> d.withThermostat(thermostat(d, Optional.of(probe))));
        }

        private Device.Thermostat thermostat(Device d, Optional<String> probe) {
            Device.Thermostat before = d.thermostat().orElse(Device.Thermostat.builtIn(set));
            String type = item.contains("dim") ? "dimming" : item.contains("pulse") ? "pulse" : "on_off";
            return new Device.Thermostat(
                    Optional.of(item),
                    Optional.of(type),
                    OptionalDouble.of(set),
                    d.thermostat().isPresent() ? before.night() : OptionalDouble.of(set),
                    before.hysteresis(),
                    OptionalDouble.empty(),
                    probe);
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
