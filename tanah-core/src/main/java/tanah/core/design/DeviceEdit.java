package tanah.core.design;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import tanah.core.finding.Remedy.Action;

/** Actions on what runs on current. */
public final class DeviceEdit {
    private DeviceEdit() {}

    static Design apply(Design design, Action action) {
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
        return design;
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
