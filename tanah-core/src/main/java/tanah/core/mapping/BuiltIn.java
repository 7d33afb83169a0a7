package tanah.core.mapping;

import java.util.Optional;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.design.Design;
import tanah.core.design.Device;

/** What switches a device: what the plan says, else what is inside it. */
final class BuiltIn {
    private BuiltIn() {}

    /** A water heater has a thermostat inside: where the plan says nothing of it, it is taken as set to what the water is to have. */
    static Optional<Device.Thermostat> of(Device device, Design design, Catalogue catalogue) {
        return device.thermostat()
                .or(() -> catalogue
                        .findGear(device.item())
                        .filter(Gear::isWaterHeater)
                        .flatMap(g -> design.water())
                        .map(w -> Device.Thermostat.builtIn(w.celsius())));
    }
}
