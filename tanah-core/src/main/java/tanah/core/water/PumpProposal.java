package tanah.core.water;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.design.Dam;
import tanah.core.design.DamMove;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Fitting;
import tanah.core.design.Guards;
import tanah.core.design.Ids;
import tanah.core.design.WaterFeature;
import tanah.core.design.WaterPart;
import tanah.core.ground.WaterVolumes;
import tanah.core.vessel.Vessel;

/** Heaters, pumps, filters and running water as they are first put into a plan: guarded, under water, able to lift. */
public final class PumpProposal {
    private static final double FOOT = 0.03; // m over the floor
    private static final double SPARE_COVER = 0.005; // m, for what the pumps take out
    private static final double FROM_WALL = 0.05; // m
    private static final double BORE = 0.009; // m, usual tube
    private static final double SPARE = 0.25; // m of tube beyond the rise
    private static final double PER_WIDTH = 2e-3 / 3600 / 0.01; // m³/s for a metre of drip wall: 2 l/h a centimetre
    private static final double STREAM = 200e-3 / 3600; // m³/s
    private static final double FALL = 150e-3 / 3600; // m³/s
    private static final double STREAM_WIDTH = 0.06; // m
    private static final double STREAM_SLOPE = 0.05;
    private static final double LIP = 0.08; // m, of a fall
    private static final double UNDER_RIM = 0.8; // of the height, where a drip bar hangs

    private PumpProposal() {}

    /** The smallest pump that gives a flow through a line even before it is cleaned. */
    public static Optional<Gear> smallest(Pipe line, double celsius, double wanted, Catalogue catalogue) {
        return catalogue.allGear().stream()
                .filter(g -> g.isPump()
                        && g.flow().most().isPresent()
                        && g.flow().head().isPresent())
                .sorted(Comparator.comparingDouble(g -> g.flow().most().orElse(0)))
                .filter(g -> {
                    double flow = Run.curve(g, Run.DIRTY).flow(line, celsius).orElse(0);
                    return flow > 0 && flow >= wanted;
                })
                .findFirst();
    }

    /** A device of an item, guarded, standing in the water. */
    public static Design withDevice(Design design, Gear gear, Vessel vessel, WaterVolumes water) {
        double floor = water.level() - water.depthMax();
        double covered = water.level() - Sump.LEAST_COVER - SPARE_COVER;
        Device.Spot at = Device.Spot.at(
                Math.min(FROM_WALL, shore(design, vessel) / 2),
                vessel.width() - FROM_WALL,
                Math.max(floor, Math.min(floor + FOOT, covered)));
        Device device = Device.of(Ids.free(design, stem(gear)), gear.id(), at);
        if (gear.isWaterHeater()) {
            device = device.withGuard(Optional.of(Guards.HEATER))
                    .withThermostat(Device.Thermostat.builtIn(
                            design.water().orElseThrow().celsius()));
        } else if (!gear.isSponge()) {
            device = device.withGuard(Optional.of(Guards.INTAKE));
        }
        return with(design, device);
    }

    private static String stem(Gear gear) {
        return gear.isWaterHeater() ? "heater" : gear.isFilter() ? "filter" : gear.isPump() ? "pump" : "stirrer";
    }

    /** Running water with a pump that feeds it: one that feeds nothing yet, or the smallest that is able to. */
    public static Design withFeature(
            Design design, WaterFeature.Kind kind, Vessel vessel, WaterVolumes volumes, Catalogue catalogue) {
        double level = volumes.level();
        double wide = kind == WaterFeature.Kind.DRIP_WALL
                ? Math.round(shore(design, vessel) * 0.6 / 0.05) * 0.05
                : kind == WaterFeature.Kind.STREAM ? STREAM_WIDTH : LIP;
        double flow = switch (kind) {
            case DRIP_WALL -> wide * PER_WIDTH;
            case STREAM -> STREAM;
            case FALL -> FALL;
        };
        double length = Math.max(0.2, vessel.length() - shore(design, vessel));
        double bar = kind == WaterFeature.Kind.DRIP_WALL
                ? Math.max(level + 0.1, Math.floor(vessel.height() * UNDER_RIM / 0.01) * 0.01)
                : Math.max(level, wallTop(design)) + (kind == WaterFeature.Kind.STREAM ? length * STREAM_SLOPE : 0.05);
        WaterPart water = design.water().orElseThrow();
        String id = Ids.free(design, kind.word().replace('_', '-'));
        WaterFeature feature = new WaterFeature(
                id,
                kind,
                Optional.empty(),
                OptionalDouble.of(flow),
                OptionalDouble.of(wide),
                kind == WaterFeature.Kind.STREAM ? OptionalDouble.of(length) : OptionalDouble.empty(),
                OptionalDouble.of(bar),
                kind == WaterFeature.Kind.DRIP_WALL ? Optional.of("back") : Optional.empty(),
                kind == WaterFeature.Kind.STREAM ? OptionalDouble.of(STREAM_SLOPE) : OptionalDouble.empty());
        Optional<Device> idle = design.devices().stream()
                .filter(d -> catalogue.findGear(d.item()).filter(Gear::isPump).isPresent())
                .filter(d -> water.features().stream()
                        .noneMatch(f -> f.pump().filter(d.id()::equals).isPresent()))
                .findFirst();
        Design made = design;
        String pump = idle.map(Device::id).orElse("");
        if (idle.isEmpty()) {
            Device.Circuit line = line(bar - level, kind);
            Optional<Gear> gear = smallest(pipe(line, bar - level), water.celsius(), flow, catalogue);
            if (gear.isPresent()) {
                made = withDevice(design, gear.get(), vessel, volumes);
                Device last = made.devices().get(made.devices().size() - 1);
                pump = last.id();
                made = made.withDevices(made.devices().stream()
                        .map(d -> d == last ? d.withCircuit(Optional.of(line)) : d)
                        .toList());
            }
        }
        List<WaterFeature> features = new java.util.ArrayList<>(water.features());
        features.add(feature.withPump(Optional.of(pump).filter(p -> !p.isEmpty())));
        return made.withWater(made.water().map(w -> w.withFeatures(features)));
    }

    private static double wallTop(Design design) {
        return design.ground().dams().stream()
                .filter(Dam::isWall)
                .mapToDouble(Dam::top)
                .max()
                .orElse(0);
    }

    /** One tube with what a simple line has. */
    public static Device.Circuit line(double rise, WaterFeature.Kind kind) {
        String end = kind == WaterFeature.Kind.DRIP_WALL ? Fitting.SPRAY_BAR.word() : Fitting.EXIT.word();
        return new Device.Circuit(
                OptionalDouble.empty(),
                List.of(new Device.Stretch(
                        Math.ceil((Math.max(0, rise) + SPARE) / 0.05) * 0.05,
                        BORE,
                        OptionalDouble.empty(),
                        Map.of(Fitting.STRAINER.word(), 1, Fitting.ELBOW_90.word(), 1, end, 1))));
    }

    private static Pipe pipe(Device.Circuit line, double rise) {
        return new Pipe(
                Math.max(0, rise), line.stretches().stream().map(Run::segment).toList());
    }

    private static double shore(Design design, Vessel vessel) {
        return design.ground().dams().stream()
                .filter(Dam::isWall)
                .findFirst()
                .map(d -> DamMove.edge(d.region().outline(), false))
                .orElse(vessel.length());
    }

    private static Design with(Design design, Device device) {
        List<Device> devices = new java.util.ArrayList<>(design.devices());
        devices.add(device);
        return design.withDevices(devices);
    }
}
