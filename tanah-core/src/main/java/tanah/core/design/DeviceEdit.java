package tanah.core.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import tanah.core.finding.Remedy.Action;

/** Actions on what runs on current. */
public final class DeviceEdit {
    private DeviceEdit() {}

    /** The design after an action on a device; itself for any other action. */
    public static Design apply(Design design, Action action) {
        if (action instanceof Action.SetDevice a) {
            return change(design, a.device(), d -> d.withItem(a.item()));
        }
        if (action instanceof Action.SetGuard a) {
            return change(design, a.device(), d -> d.withGuard(Optional.of(a.guard())));
        }
        if (action instanceof Action.SetOutlets a) {
            return change(
                    design,
                    a.device(),
                    d -> d.withOutlet(new Device.Outlet(
                            d.outlet().derate(),
                            d.outlet().media(),
                            OptionalInt.of(a.count()),
                            d.outlet().bore())));
        }
        if (action instanceof Action.HangLamp a) {
            return change(
                    design,
                    a.device(),
                    d -> d.withSpot(new Device.Spot(d.at().x(), d.at().y(), OptionalDouble.of(a.z()))));
        }
        if (action instanceof Action.RemoveDevice a) {
            return without(design, a.device());
        }
        if (action instanceof Action.Control a) {
            return controlled(design, a);
        }
        return design;
    }

    /** A control with a place that it feels: the plan's basking or warm place, else a new one at the device. */
    private static Design controlled(Design design, Action.Control a) {
        Optional<Device> device = design.device(a.device());
        if (device.isEmpty()) {
            return design;
        }
        Optional<String> felt = device.get()
                .thermostat()
                .flatMap(Device.Thermostat::probe)
                .or(() -> place(design, Probe.Zone.BASKING))
                .or(() -> place(design, Probe.Zone.WARM));
        Design with = design;
        if (felt.isEmpty()) {
            Probe made = new Probe(
                    Ids.free(design, "p-control"),
                    Optional.empty(),
                    Probe.Kind.SURFACE,
                    Optional.of(Probe.Zone.WARM),
                    device.get().at().x().isPresent() ? device.get().at().x() : OptionalDouble.of(0.1),
                    device.get().at().y().isPresent() ? device.get().at().y() : OptionalDouble.of(0.1),
                    OptionalDouble.empty(),
                    Optional.empty(),
                    List.of("temp_surface"));
            List<Probe> probes = new ArrayList<>(design.probes());
            probes.add(made);
            with = design.withProbes(probes);
            felt = Optional.of(made.id());
        }
        Device.Thermostat before = device.get().thermostat().orElse(Device.Thermostat.builtIn(a.set()));
        String type = a.item().contains("dim") ? "dimming" : a.item().contains("pulse") ? "pulse" : "on_off";
        Device.Thermostat made = new Device.Thermostat(
                Optional.of(a.item()),
                Optional.of(type),
                OptionalDouble.of(a.set()),
                device.get().thermostat().isPresent() ? before.night() : OptionalDouble.of(a.set()),
                before.hysteresis(),
                OptionalDouble.empty(),
                felt);
        return change(with, a.device(), d -> d.withThermostat(made));
    }

    private static Optional<String> place(Design design, Probe.Zone zone) {
        return design.probes().stream()
                .filter(p -> p.zone().filter(z -> z == zone).isPresent() && p.x().isPresent())
                .map(Probe::id)
                .findFirst();
    }

    /** The design with one device changed. */
    public static Design change(Design design, String id, UnaryOperator<Device> change) {
        return design.withDevices(design.devices().stream()
                .map(d -> d.id().equals(id) ? change.apply(d) : d)
                .toList());
    }

    /** The design without a device; what it fed is fed by nothing then. */
    public static Design without(Design design, String id) {
        Design less = design.withDevices(
                design.devices().stream().filter(d -> !d.id().equals(id)).toList());
        return less.withWater(less.water()
                .map(w -> w.withFeatures(w.features().stream()
                        .map(f -> f.pump().filter(id::equals).isPresent() ? f.fedBy(Optional.empty()) : f)
                        .toList())));
    }
}
