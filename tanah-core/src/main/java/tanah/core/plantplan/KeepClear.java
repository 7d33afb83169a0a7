package tanah.core.plantplan;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.design.AirPlan;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.HardscapeItem;
import tanah.core.design.OtherFields;
import tanah.core.design.Probe;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;
import tanah.core.plant.RootPlace;

/** What has to stay free of plants. Distances are common practice, no source. */
final class KeepClear {
    private static final double BASKING = 0.05; // m around the basking place
    private static final double DOOR = 0.10; // m in front of the door of a hide
    private static final double INSTRUMENT = 0.05; // m around probes and nozzles
    private static final double ACCESS = 0.10; // m around what stands in the water
    private static final double OPENING = 0.15; // m behind the front pane, where hands pass
    private static final double CM = 0.01;

    /** Something small that stays free, up to a height that plants under it may reach. */
    private record Spot(double x, double y, OptionalDouble z) {}

    private final List<HardscapeItem> basking;
    private final List<Point> doors;
    private final List<Spot> instruments;
    private final List<Device.Spot> access;

    KeepClear(Design design, Catalogue catalogue) {
        basking = design.hardscape().stream().filter(HardscapeItem::isBasking).toList();
        doors = design.hardscape().stream()
                .flatMap(h -> h.hide().stream())
                .flatMap(h -> door(h.kept()).stream())
                .toList();
        instruments = Stream.concat(
                        design.probes().stream().map(KeepClear::of),
                        design.air().flatMap(AirPlan::mist).stream()
                                .flatMap(m -> m.nozzles().stream())
                                .map(n -> of(n.at())))
                .flatMap(Optional::stream)
                .toList();
        access = design.devices().stream()
                .filter(d ->
                        catalogue.findGear(d.item()).filter(Gear::isWaterDevice).isPresent())
                .map(Device::at)
                .toList();
    }

    private static Optional<Spot> of(Probe p) {
        return p.x().isPresent() && p.y().isPresent()
                ? Optional.of(new Spot(p.x().getAsDouble(), p.y().getAsDouble(), p.z()))
                : Optional.empty();
    }

    private static Optional<Spot> of(Device.Spot p) {
        return p.x().isPresent() && p.y().isPresent()
                ? Optional.of(new Spot(p.x().getAsDouble(), p.y().getAsDouble(), p.z()))
                : Optional.empty();
    }

    private static Optional<Point> door(OtherFields hide) {
        return hide.fields().get("door_cm") instanceof List<?> at
                        && at.size() == 2
                        && at.get(0) instanceof Number x
                        && at.get(1) instanceof Number y
                ? Optional.of(new Point(x.doubleValue() * CM, y.doubleValue() * CM))
                : Optional.empty();
    }

    /** Why nothing of a kind may stand at a place. */
    Set<Bar> bars(RootPlace on, double x, double y, double z, PlanKind kind) {
        Set<Bar> all = EnumSet.noneOf(Bar.class);
        if (basking.stream().anyMatch(h -> new ConvexPolygon(h.outline()).distance(x, y) < BASKING)) {
            all.add(Bar.BASKING);
        }
        if (doors.stream().anyMatch(d -> Math.hypot(d.x() - x, d.y() - y) < DOOR)) {
            all.add(Bar.HIDE_DOOR);
        }
        double top = z + kind.height() + INSTRUMENT;
        if (instruments.stream()
                .anyMatch(s -> Math.hypot(s.x() - x, s.y() - y) < INSTRUMENT
                        && s.z().orElse(z) >= z - INSTRUMENT
                        && s.z().orElse(z) < top)) {
            all.add(Bar.INSTRUMENT);
        }
        boolean wet = on == RootPlace.UNDERWATER || on == RootPlace.WATER_SURFACE;
        if (wet
                && access.stream()
                        .anyMatch(d -> d.x().isPresent()
                                && d.y().isPresent()
                                && Math.hypot(d.x().getAsDouble() - x, d.y().getAsDouble() - y) < ACCESS)) {
            all.add(Bar.ACCESS);
        }
        if (kind.stings() && y < OPENING) {
            all.add(Bar.SAP_AT_OPENING);
        }
        return all;
    }
}
