package tanah.core.mapping;

import static tanah.core.physics.Constants.DAY;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.box.Fixture;
import tanah.core.box.Floor;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.LampModel;
import tanah.core.catalogue.MistGear;
import tanah.core.design.AirPlan;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.HardscapeItem;
import tanah.core.design.PieceMove;
import tanah.core.design.Probe;
import tanah.core.design.Schedule;
import tanah.core.light.Lid;
import tanah.core.light.Vec;
import tanah.core.vessel.Vessel;

/** What runs on current, as the climate needs it. */
public final class FixtureMap {
    /** A band of a thermostat that gives none (K): on and off, and dimmers. */
    private static final double SWITCH_BAND = 1;

    private static final double DIM_BAND = 0.5;
    private static final double HYSTERESIS = 1;
    private static final double ON_TOP = 0.04; // m by which a place may miss the face it means
    private static final double OUTSIDE_PUMP = 0.3; // share of an outside filter's power that its water takes up
    private static final double MAT_HIGH = 0.05; // m over the ground at which a side mat begins that has no place

    private final Design design;
    private final Vessel vessel;
    private final Catalogue catalogue;
    private final List<Floor> floor;
    private final List<HardscapeItem> platforms;
    private final double ground;
    private final List<Device> mapped = new ArrayList<>();
    private final List<Fixture> fixtures = new ArrayList<>();
    private final List<Unmapped> left = new ArrayList<>();

    /** A device that the climate is computed without, and why: unknown, dry, apart from the mist that it belongs to, rain, or
     * idle because it takes no power. */
    record Unmapped(String device, String why) {}

    public FixtureMap(
            Design design,
            Vessel vessel,
            Catalogue catalogue,
            List<Floor> floor,
            List<HardscapeItem> platforms,
            double ground) {
        this.design = design;
        this.vessel = vessel;
        this.catalogue = catalogue;
        this.floor = floor;
        this.platforms = platforms;
        this.ground = ground;
        design.devices().forEach(this::device);
    }

    List<Device> mapped() {
        return mapped;
    }

    public List<Fixture> fixtures() {
        return fixtures;
    }

    List<Unmapped> left() {
        return left;
    }

    private void device(Device d) {
        Optional<LampModel> lamp = catalogue.findLamp(d.item());
        Optional<Gear> gear = catalogue.findGear(d.item());
        Optional<MistGear> mist = catalogue.findMistGear(d.item());
        if (lamp.isPresent()) {
            double power = d.power().orElse(lamp.get().draws());
            add(d, power, LampShape.lamp(d, lamp.get(), vessel));
        } else if (gear.isPresent()) {
            gear(d, gear.get());
        } else if (mist.isPresent()) {
            mist(d, mist.get());
        } else {
            left.add(new Unmapped(d.id(), "unknown"));
        }
    }

    private void mist(Device d, MistGear gear) {
        double power = d.power().orElse(gear.power().orElse(0));
        if (gear.is("rain")) {
            left.add(new Unmapped(d.id(), "rain"));
        }
        if (gear.is("fan") || gear.is("fogger") && gear.tank().isEmpty()) {
            Vec at = LampShape.at(d, vessel);
            add(d, power, new Fixture.Fan(at.x(), at.y(), at.z()));
        } else if (gear.is("mist_pump")) {
            add(d, power * misting() / DAY, new Fixture.Hours.Always(), new Fixture.Outside());
        } else if (power > 0) {
            add(d, power, new Fixture.Outside());
        } else {
            left.add(new Unmapped(d.id(), "apart"));
        }
    }

    /** Time in a day for which a pump of the mist runs (s). */
    private double misting() {
        return design.air()
                .flatMap(AirPlan::mist)
                .map(m ->
                        m.events().stream().mapToDouble(AirPlan.Event::seconds).sum())
                .orElse(0.0);
    }

    private void gear(Device d, Gear gear) {
        double power = d.power().orElse(gear.power().orElse(0));
        if (gear.isWaterDevice()) {
            Optional<Integer> body = bodyAt(d);
            if (body.isEmpty()) {
                left.add(new Unmapped(d.id(), "dry"));
            } else {
                boolean outside =
                        gear.category().equals("canister") || gear.category().equals("hang_on");
                add(d, power, new Fixture.InWater(body.get(), d.waterShare().orElse(outside ? OUTSIDE_PUMP : 1)));
            }
        } else if (gear.category().equals("heat_mat")) {
            add(d, power, mat(d, gear));
        } else if (gear.category().equals("heat_cable")) {
            Device.Rect r = d.laid().rect().orElse(new Device.Rect(0, 0, vessel.length() / 2, vessel.width()));
            double z = Math.max(0.005, ground - d.laid().depth().orElse(ground / 2));
            add(d, power, new Fixture.Cable(r.from(), r.to(), r.low(), r.high(), z));
        } else if (power > 0) {
            add(d, power, new Fixture.Outside()); // controls, timers and instruments stand beside the box
        } else {
            left.add(new Unmapped(d.id(), "idle"));
        }
    }

    /** The water in which a device stands: that at its place, else the first. */
    private Optional<Integer> bodyAt(Device d) {
        return body(d.at().x(), d.at().y());
    }

    private Fixture.Mat mat(Device d, Gear gear) {
        Envelope.Face face = d.laid().face().orElse(Envelope.Face.RIGHT);
        double wide = gear.heat().width().orElse(0.15);
        double long_ = gear.heat().length().orElse(0.28);
        if (face == Envelope.Face.BOTTOM) {
            double x = d.at().x().orElse(vessel.length() / 4);
            double y = d.at().y().orElse(vessel.width() / 2);
            Device.Rect r =
                    d.laid().rect().orElse(new Device.Rect(x - long_ / 2, y - wide / 2, x + long_ / 2, y + wide / 2));
            return new Fixture.Mat(Optional.empty(), r.from(), r.to(), r.low(), r.high());
        }
        Lid.Side side = face == Envelope.Face.LID ? Lid.Side.RIGHT : Lid.Side.valueOf(face.name());
        double across = side == Lid.Side.FRONT || side == Lid.Side.BACK ? vessel.length() : vessel.width();
        double low = d.at().z().orElse(Math.min(ground + MAT_HIGH, vessel.height() - wide));
        Device.Rect r = d.laid()
                .rect()
                .orElse(new Device.Rect(
                        Math.max(0, (across - long_) / 2),
                        low,
                        Math.min(across, (across + long_) / 2),
                        Math.min(vessel.height(), low + wide)));
        return new Fixture.Mat(Optional.of(side), r.from(), r.to(), r.low(), r.high());
    }

    private void add(Device d, double power, Fixture.Part part) {
        add(d, power, hours(d.running().when()), part);
    }

    private void add(Device d, double power, Fixture.Hours hours, Fixture.Part part) {
        mapped.add(d);
        fixtures.add(new Fixture(
                d.id(),
                power,
                hours,
                Math.max(0, Math.min(1, d.running().dim().orElse(1))),
                thermostat(d, part),
                part));
    }

    static Fixture.Hours hours(Schedule s) {
        return switch (s.kind()) {
            case DAY -> new Fixture.Hours.Day();
            case NIGHT -> new Fixture.Hours.Night();
            case ALWAYS -> new Fixture.Hours.Always();
            case CLOCK -> new Fixture.Hours.From(s.on(), s.hours());
        };
    }

    private Optional<Fixture.Thermostat> thermostat(Device d, Fixture.Part part) {
        Optional<Device.Thermostat> said = BuiltIn.of(d, design, catalogue);
        if (said.isEmpty()) {
            return Optional.empty();
        }
        Device.Thermostat t = said.get();
        Optional<Fixture.Probe> probe = t.probe()
                .flatMap(design::probe)
                .flatMap(this::probe)
                .or(() -> part instanceof Fixture.InWater w
                        ? Optional.of(new Fixture.Probe.Water(w.water()))
                        : Optional.empty());
        OptionalDouble set = t.day().isPresent() ? t.day() : t.night();
        if (probe.isEmpty() || set.isEmpty()) {
            return Optional.empty();
        }
        Fixture.Control control = control(t);
        double band = t.band().orElse(control == Fixture.Control.ON_OFF ? SWITCH_BAND : DIM_BAND);
        return Optional.of(new Fixture.Thermostat(
                control,
                t.day().orElse(set.getAsDouble()),
                t.night().orElse(set.getAsDouble()),
                t.hysteresis().orElse(HYSTERESIS),
                band,
                probe.get()));
    }

    /** How a thermostat controls: as it says, else as its item's name says. */
    public static Fixture.Control control(Device.Thermostat t) {
        String word = t.type().orElseGet(() -> {
            String item = t.item().orElse("");
            return item.contains("dim") ? "dimming" : item.contains("pulse") ? "pulse" : "on_off";
        });
        return switch (word) {
            case "dimming" -> Fixture.Control.DIMMING;
            case "pulse" -> Fixture.Control.PULSE;
            default -> Fixture.Control.ON_OFF;
        };
    }

    /** A place of the plan as the model feels it; nothing for the room, or for a place without its measures. */
    Optional<Fixture.Probe> probe(Probe p) {
        OptionalDouble x = p.x();
        double y = p.y().orElse(vessel.width() / 2);
        return switch (p.kind()) {
            case ROOM, UVI, PLANT -> Optional.empty();
            case WATER -> body(x, OptionalDouble.of(y)).map(Fixture.Probe.Water::new);
            case PLATFORM, SURFACE ->
                platform(p)
                        .map(i -> (Fixture.Probe) new Fixture.Probe.Platform(i))
                        .or(() -> surface(x, y));
            case SOIL -> surface(x, y);
            case AIR ->
                x.isPresent() && p.z().isPresent()
                        ? Optional.of(new Fixture.Probe.Air(x.getAsDouble(), y, p.z().getAsDouble(), true))
                        : Optional.empty();
        };
    }

    private Optional<Integer> body(OptionalDouble x, OptionalDouble y) {
        List<Floor.Water> waters = floor.stream()
                .filter(f -> f instanceof Floor.Water)
                .map(f -> (Floor.Water) f)
                .toList();
        return waters.stream()
                .filter(w -> x.isPresent() && y.isPresent() && w.holds(x.getAsDouble(), y.getAsDouble()))
                .findFirst()
                .or(() -> waters.stream().findFirst())
                .map(Floor.Water::body);
    }

    private static Optional<Fixture.Probe> surface(OptionalDouble x, double y) {
        return x.isPresent() ? Optional.of(new Fixture.Probe.Surface(x.getAsDouble(), y)) : Optional.empty();
    }

    private Optional<Integer> platform(Probe p) {
        for (int i = 0; i < platforms.size(); i++) {
            PieceMove.Box box = PieceMove.box(platforms.get(i));
            boolean over = p.on().isEmpty()
                    && p.x().isPresent()
                    && p.x().getAsDouble() >= box.left()
                    && p.x().getAsDouble() <= box.right()
                    && p.y().isPresent()
                    && p.y().getAsDouble() >= box.front()
                    && p.y().getAsDouble() <= box.front() + box.width()
                    && Math.abs(p.z().orElse(platforms.get(i).top())
                                    - platforms.get(i).top())
                            < ON_TOP;
            if (over || p.on().filter(platforms.get(i).id()::equals).isPresent()) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }
}
