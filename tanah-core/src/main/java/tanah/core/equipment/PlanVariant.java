package tanah.core.equipment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.LampModel;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.Guards;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Ids;
import tanah.core.design.PieceMove;
import tanah.core.design.Probe;
import tanah.core.design.Schedule;
import tanah.core.design.VesselPlan;
import tanah.core.evaluate.Evaluation;
import tanah.core.mapping.Fittings;
import tanah.core.vessel.Vessel;

/** Makes the design that a choice means: what warms and what gives UV is replaced, everything else stays. */
final class PlanVariant {
    private static final double WARM = 0.8; // of the length, where nothing says otherwise
    private static final double UNDER_LID = 0.03; // m, a panel is screwed to the lid
    private static final double LOW = 0.05; // m over the ground, a place in the warm air

    private final Design design;
    private final Catalogue catalogue;
    private final Vessel vessel;
    private final Species species;
    private final Optional<HardscapeItem> basking;
    private final double ground;

    PlanVariant(Evaluation e, Catalogue catalogue) {
        this.design = e.design();
        this.catalogue = catalogue;
        this.vessel = e.vessel().orElseThrow();
        this.species = e.animals().stream().findFirst().map(Inhabitant::profile).orElseThrow();
        this.basking =
                design.hardscape().stream().filter(HardscapeItem::isBasking).findFirst();
        this.ground = e.ground().map(g -> g.surfaceMax()).orElse(0.0);
    }

    /** Top of what the lamp warms (m). */
    double target() {
        return basking.map(HardscapeItem::top).orElse(ground);
    }

    private double x() {
        return basking.map(PieceMove::box).map(b -> (b.left() + b.right()) / 2).orElse(vessel.length() * WARM);
    }

    private double y() {
        return basking.map(PieceMove::box).map(b -> (b.front() + b.back()) / 2).orElse(vessel.width() / 2);
    }

    Design of(LampChoice choice) {
        List<Device> devices = new ArrayList<>();
        for (Device d : design.devices()) {
            if (!isReplaced(d)) {
                devices.add(d);
            }
        }
        Design made = lid(design.withDevices(devices), choice);
        if (choice.sheets()) {
            made = insulated(made);
        }
        if (!choice.heat().isEmpty()) {
            made = heat(made, choice);
        }
        if (!choice.uv().isEmpty()) {
            made = uv(made, choice);
        }
        if (!choice.mat().isEmpty()) {
            made = mat(made, choice);
        }
        if (!choice.water().isEmpty()) {
            double set = species.water().map(PlanVariant::middle).orElse(24.0);
            made = with(
                    made,
                    Device.of(Ids.free(made, "water-heater"), choice.water(), Device.Spot.NOWHERE)
                            .withThermostat(Device.Thermostat.builtIn(set))
                            .withGuard(Optional.of(Guards.HEATER)));
        }
        return made;
    }

    /** Lamps for warmth and UV, mats, cables and water heaters are chosen anew; plant lights, pumps and fans stay. */
    private boolean isReplaced(Device d) {
        Optional<LampModel> lamp = catalogue.findLamp(d.item());
        boolean waterHeater =
                catalogue.findGear(d.item()).filter(g -> g.isWaterHeater()).isPresent();
        return lamp.filter(l -> l.isHeater() || l.isUv()).isPresent() || Fittings.isMat(d, catalogue) || waterHeater;
    }

    private static double middle(Range r) {
        return (r.min() + r.max()) / 2;
    }

    private Design lid(Design made, LampChoice choice) {
        VesselPlan plan = made.vessel().orElseThrow();
        VesselPlan.Lid lid = plan.lid().orElse(VesselPlan.Lid.UNSAID);
        return made.withVessel(plan.withLid(lid.withMeshFraction(OptionalDouble.of(choice.mesh()))));
    }

    private static Design insulated(Design made) {
        VesselPlan plan = made.vessel().orElseThrow();
        List<Envelope.Insulation> sheets = new ArrayList<>(plan.envelope().insulation());
        Design now = made;
        for (Envelope.Face face : List.of(Envelope.Face.BACK, Envelope.Face.LEFT, Envelope.Face.RIGHT)) {
            if (sheets.stream().noneMatch(s -> s.face() == face)) {
                sheets.add(new Envelope.Insulation(
                        Ids.free(now, "sheet-" + face.word()),
                        face,
                        "xps",
                        0.02,
                        Optional.of(false),
                        OptionalDouble.empty()));
            }
        }
        return now.withVessel(plan.withEnvelope(plan.envelope().withInsulation(sheets)));
    }

    private Design heat(Design made, LampChoice choice) {
        LampModel lamp = catalogue.findLamp(choice.heat()).orElseThrow();
        boolean bright = lamp.isBright();
        boolean onBasking = species.baskingSurface().isPresent();
        Placed felt = felt(made, onBasking);
        double day = species.baskingSurface().map(PlanVariant::middle).orElseGet(() -> middle(species.warmAir()));
        double night = bright ? day : middle(species.night());
        boolean dims = lamp.dims();
        Device device = Device.of(Ids.free(felt.design(), "heat-lamp"), lamp.id(), Device.Spot.at(x(), y(), choice.z()))
                .withRunning(Device.Running.UNSAID.on(bright ? Schedule.DAY : Schedule.ALWAYS))
                .withThermostat(thermostat(
                        dims ? "thermostat-dim-300" : "thermostat-pulse-600",
                        dims ? "dimming" : "pulse",
                        day,
                        night,
                        felt.probe()));
        return with(felt.design(), choice.z() < vessel.height() ? device.withGuard(Optional.of(Guards.LAMP)) : device);
    }

    private Design mat(Design made, LampChoice choice) {
        Placed felt = felt(made, false);
        double night = middle(species.night());
        double day = middle(species.warmAir());
        Optional<LampModel> panel = catalogue.findLamp(choice.mat());
        if (panel.isPresent()) {
            double half = panel.get().body().width().orElse(0) / 2;
            double x = Math.max(half, Math.min(vessel.length() - half, vessel.length() * WARM));
            return with(
                    felt.design(),
                    Device.of(
                                    Ids.free(felt.design(), "heat-panel"),
                                    choice.mat(),
                                    Device.Spot.at(x, vessel.width() / 2, vessel.height() - UNDER_LID))
                            .withRunning(Device.Running.UNSAID.on(Schedule.ALWAYS))
                            .withThermostat(thermostat("thermostat-pulse-600", "pulse", day, night, felt.probe()))
                            .withGuard(Optional.of(Guards.LAMP)));
        }
        return with(
                felt.design(),
                Device.of(Ids.free(felt.design(), "side-mat"), choice.mat(), Device.Spot.NOWHERE)
                        .withLaid(new Device.Laid(
                                Optional.of(Envelope.Face.BACK),
                                Optional.of(rect(choice.mat())),
                                OptionalDouble.empty()))
                        .withRunning(Device.Running.UNSAID.on(Schedule.ALWAYS))
                        .withThermostat(thermostat("thermostat-pulse-100", "pulse", day, night, felt.probe())));
    }

    /** On the back at the warm end, over the ground. */
    private Device.Rect rect(String mat) {
        Gear.Heat size = catalogue.findGear(mat).orElseThrow().heat();
        double long_ = Math.min(size.length().orElse(0.28), vessel.length());
        double high = Math.min(size.width().orElse(0.15), Math.max(0.02, vessel.height() - ground - LOW));
        double middle = Math.max(long_ / 2, Math.min(vessel.length() - long_ / 2, x()));
        return new Device.Rect(middle - long_ / 2, ground + LOW, middle + long_ / 2, ground + LOW + high);
    }

    /** Share of the back that a mat covers there. */
    double shareOfBack(String mat) {
        Device.Rect r = rect(mat);
        return (r.to() - r.from()) * (r.high() - r.low()) / (vessel.length() * vessel.height());
    }

    private Design uv(Design made, LampChoice choice) {
        LampModel lamp = catalogue.findLamp(choice.uv()).orElseThrow();
        double half = lamp.body().lit().orElse(0.5) / 2;
        double x = Math.max(half, Math.min(vessel.length() - half, x()));
        Device device = Device.of(Ids.free(made, "uv-lamp"), lamp.id(), Device.Spot.at(x, y(), choice.uvZ()))
                .withRunning(Device.Running.UNSAID.on(Schedule.DAY));
        return with(made, choice.uvZ() < vessel.height() ? device.withGuard(Optional.of(Guards.LAMP)) : device);
    }

    private static Design with(Design made, Device device) {
        List<Device> all = new ArrayList<>(made.devices());
        all.add(device);
        return made.withDevices(all);
    }

    private static Device.Thermostat thermostat(String item, String type, double day, double night, String probe) {
        return new Device.Thermostat(
                Optional.of(item),
                Optional.of(type),
                OptionalDouble.of(day),
                OptionalDouble.of(night),
                OptionalDouble.of(1),
                OptionalDouble.empty(),
                Optional.of(probe));
    }

    private record Placed(Design design, String probe) {}

    /** The plan's own place of that kind, else a new one. */
    private Placed felt(Design made, boolean surface) {
        Optional<String> own = made.probes().stream()
                .filter(p -> p.x().isPresent())
                .filter(p -> surface
                        ? p.zone().filter(z -> z == Probe.Zone.BASKING).isPresent()
                        : p.kind() == Probe.Kind.AIR
                                && p.zone().filter(z -> z == Probe.Zone.WARM).isPresent())
                .map(Probe::id)
                .findFirst();
        if (own.isPresent()) {
            return new Placed(made, own.get());
        }
        double x = surface ? x() : vessel.length() * WARM;
        Probe probe = new Probe(
                Ids.free(made, surface ? "p-basking" : "p-warm"),
                Optional.empty(),
                surface ? Probe.Kind.SURFACE : Probe.Kind.AIR,
                Optional.of(surface ? Probe.Zone.BASKING : Probe.Zone.WARM),
                OptionalDouble.of(x),
                OptionalDouble.of(surface ? y() : vessel.width() / 2),
                OptionalDouble.of(surface ? target() : ground + LOW),
                surface ? basking.map(HardscapeItem::id) : Optional.empty(),
                List.of(surface ? "temp_surface" : "temp_air"));
        List<Probe> probes = new ArrayList<>(made.probes());
        probes.add(probe);
        return new Placed(made.withProbes(probes), probe.id());
    }
}
