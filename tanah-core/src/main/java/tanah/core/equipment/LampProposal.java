package tanah.core.equipment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.box.Fixture;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.LampModel;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Ids;
import tanah.core.design.PieceMove;
import tanah.core.design.Schedule;
import tanah.core.mapping.Fittings;
import tanah.core.mapping.FixtureMap;
import tanah.core.vessel.Vessel;

/** Where a new lamp or mat goes: a lamp for warmth over the basking place, a tube along the lid, a mat on the warm side. */
public final class LampProposal {
    /** How far above the lid a lamp can hang (m). */
    public static final double HIGHEST = 1;

    private static final double OVER = 0.04; // m above the lid
    private static final double WARM_SIDE = 0.8; // of the length, where no basking place says otherwise

    private LampProposal() {}

    /** The design with one more lamp or mat; empty for an item that is neither. */
    public static Optional<Design> with(Design design, String item, Vessel vessel, Catalogue catalogue) {
        Device plain = Device.of(Ids.free(design, item), item, Device.Spot.NOWHERE);
        Optional<LampModel> lamp = catalogue.findLamp(item);
        Device made;
        if (lamp.isPresent()) {
            made = plain.withSpot(spot(design, lamp.get(), vessel))
                    .withRunning(Device.Running.UNSAID.on(lamp.get().isBright() ? Schedule.DAY : Schedule.ALWAYS));
        } else if (Fittings.isMat(plain, catalogue)) {
            made = laid(plain, design, catalogue).withRunning(Device.Running.UNSAID.on(Schedule.ALWAYS));
        } else {
            return Optional.empty();
        }
        List<Device> all = new ArrayList<>(design.devices());
        all.add(made);
        return Optional.of(design.withDevices(all));
    }

    private static Device.Spot spot(Design design, LampModel lamp, Vessel vessel) {
        double z = vessel.height() + OVER;
        if (!lamp.isHeater() && !lamp.isUv() || lamp.isTube()) {
            return Device.Spot.at(vessel.length() / 2, vessel.width() / 2, z);
        }
        Optional<HardscapeItem> basking =
                design.hardscape().stream().filter(HardscapeItem::isBasking).findFirst();
        if (basking.isPresent()) {
            PieceMove.Box box = PieceMove.box(basking.get());
            return Device.Spot.at((box.left() + box.right()) / 2, (box.front() + box.back()) / 2, z);
        }
        return Device.Spot.at(vessel.length() * WARM_SIDE, vessel.width() / 2, z);
    }

    /** The mat with the place that it would have anyway. */
    public static Device laid(Device d, Design design, Catalogue catalogue) {
        Vessel vessel = tanah.core.design.Boxes.resolve(design.vessel().orElseThrow(), catalogue);
        FixtureMap map = new FixtureMap(
                design.withDevices(List.of(d)), vessel, catalogue, List.of(), List.of(), vessel.height() / 4);
        Envelope.Face face = d.laid().face().orElse(Envelope.Face.RIGHT);
        if (map.fixtures().isEmpty() || !(map.fixtures().get(0).part() instanceof Fixture.Mat m)) {
            return d.withLaid(new Device.Laid(
                    Optional.of(Envelope.Face.BOTTOM),
                    Optional.of(new Device.Rect(vessel.length() / 2, 0, vessel.length(), vessel.width())),
                    OptionalDouble.empty()));
        }
        return d.withLaid(new Device.Laid(
                Optional.of(face),
                Optional.of(new Device.Rect(m.from(), m.low(), m.to(), m.high())),
                d.laid().depth()));
    }
}
