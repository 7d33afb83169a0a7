package tanah.core.mapping;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import tanah.core.animal.Inhabitant;
import tanah.core.box.ClimateCase;
import tanah.core.box.Fixture;
import tanah.core.box.Floor;
import tanah.core.box.Shell;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.climate.LightMap;
import tanah.core.design.AirPlan;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.HardscapeItem;
import tanah.core.design.PieceMove;
import tanah.core.design.Probe;
import tanah.core.design.RoomPlan;
import tanah.core.design.VesselPlan;
import tanah.core.ground.GroundResult;
import tanah.core.light.Block;
import tanah.core.physics.MoistAir;
import tanah.core.time.Season;
import tanah.core.vessel.Vessel;

/**
 * A design as the climate model takes it, and which part of the design each thing of it is.
 *
 * @param enclosure what is computed
 * @param winter    the room at its coldest
 * @param summer    the room at its hottest
 * @param devices   by fixture
 * @param platforms by platform
 * @param left      devices that are computed without, with the reason
 * @param reach     of the animal for UV
 * @param heated    water that is meant to have a warmth, if there is any
 * @param isBox     whether the vessel's plan is a rectangle; others are computed as the box around them
 */
public record MappedDesign(
        ClimateCase enclosure,
        ClimateCase.RoomCourse winter,
        ClimateCase.RoomCourse summer,
        List<Device> devices,
        List<HardscapeItem> platforms,
        List<LeftOut> left,
        LightMap.Reach reach,
        Optional<Heated> heated,
        boolean isBox) {
    /** Ageing of a lamp at the end of its stated life, share lost; common practice. */
    public static final double AGED = 0.3;

    /** What covers a box, in the words of the format; {@code none} where it is open. */
    public static String lidMaterial(VesselPlan plan, Catalogue catalogue) {
        return ShellMap.lidMaterial(plan, plan.catalogue().flatMap(catalogue::findVessel));
    }

    private static final double LEAST_AIR = 0.05; // m between ground and lid
    private static final double THINNEST = 0.01; // m of a platform
    private static final double BACK = 0.03; // m
    private static final double FROM_TOP = 0.05; // m

    public MappedDesign {
        devices = List.copyOf(devices);
        platforms = List.copyOf(platforms);
        left = List.copyOf(left);
    }

    /** A device that the climate is computed without: {@code unknown}, {@code dry}, {@code apart}, {@code idle}, or its {@code rain}. */
    public record LeftOut(String device, String why) {}

    /**
     * Water with a planned warmth.
     *
     * @param celsius planned
     * @param body    in which its heaters stand, else the first
     * @param heaters index of each heater among the fixtures
     */
    public record Heated(double celsius, int body, List<Integer> heaters) {
        public Heated {
            heaters = List.copyOf(heaters);
        }
    }

    /** The room on the day of a season that is judged. */
    public ClimateCase.RoomCourse room(Season season) {
        return season == Season.SUMMER ? summer : winter;
    }

    /** The first device that gives UV. */
    public Optional<Device> uvLamp() {
        for (int i = 0; i < devices.size(); i++) {
            if (enclosure.fixtures().get(i).part() instanceof Fixture.Lamp l && l.uv().isPresent()) {
                return Optional.of(devices.get(i));
            }
        }
        return Optional.empty();
    }

    /** Share of its UV that a lamp has lost at the end of its life. */
    public double uvAgeing() {
        return uvLamp().flatMap(d -> d.running().ageing().stream().boxed().findFirst())
                .orElse(AGED);
    }

    /** Index of a device among the fixtures. */
    public Optional<Integer> fixture(String device) {
        for (int i = 0; i < devices.size(); i++) {
            if (devices.get(i).id().equals(device)) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    /** Index of a piece among the platforms. */
    public Optional<Integer> platform(String piece) {
        for (int i = 0; i < platforms.size(); i++) {
            if (platforms.get(i).id().equals(piece)) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    /**
     * The design as a case; empty without a vessel, a room or room for air over the ground.
     *
     * @param ground computed from the same design
     */
    public static Optional<MappedDesign> of(
            Design design,
            Optional<Vessel> vessel,
            Optional<GroundResult> ground,
            List<Inhabitant> animals,
            Catalogue catalogue) {
        if (vessel.isEmpty() || ground.isEmpty() || design.room().isEmpty()) {
            return Optional.empty();
        }
        if (ground.get().surfaceMax() > vessel.get().height() - LEAST_AIR) {
            return Optional.empty();
        }
        return Optional.of(map(design, vessel.get(), ground.get(), animals, catalogue));
    }

    private static MappedDesign map(
            Design design, Vessel vessel, GroundResult ground, List<Inhabitant> animals, Catalogue catalogue) {
        Shell shell = ShellMap.of(design.vessel().orElseThrow(), vessel, catalogue);
        List<Floor> floor = FloorMap.of(design, vessel, ground);
        List<HardscapeItem> platforms = new ArrayList<>();
        List<ClimateCase.Platform> raised = new ArrayList<>();
        List<ClimateCase.Obstacle> obstacles = new ArrayList<>();
        for (HardscapeItem item : design.hardscape()) {
            Optional<ClimateCase.Platform> platform = platform(item, vessel, ground);
            if (platform.isPresent()) {
                platforms.add(item);
                raised.add(platform.get());
            } else {
                obstacle(item, vessel).ifPresent(obstacles::add);
            }
        }
        FixtureMap fixtures = new FixtureMap(
                design, vessel, catalogue, floor, platforms, (ground.surfaceMin() + ground.surfaceMax()) / 2);
        RoomPlan room = design.room().orElseThrow();
        AirPlan air = design.air().orElse(AirPlan.STILL);
        boolean climbs = animals.stream().anyMatch(a -> a.profile().climbs() >= 2);
        double guard = design.devices().stream()
                        .anyMatch(d -> d.guard().isPresent()
                                && catalogue.findLamp(d.item()).isPresent())
                ? 0.05
                : 0;
        return new MappedDesign(
                new ClimateCase(
                        shell,
                        floor,
                        raised,
                        obstacles,
                        PlantMap.of(design, vessel, ground, catalogue),
                        fixtures.fixtures(),
                        design.heat().start(),
                        design.heat().hours(),
                        MistMap.of(design, catalogue),
                        air.fanSpeed().orElse(0),
                        air.exchange().orElse(0),
                        MoistAir.pressure(room.altitude())),
                season(room.winter(), room),
                season(room.summer(), room),
                fixtures.mapped(),
                platforms,
                fixtures.left().stream()
                        .map(u -> new LeftOut(u.device(), u.why()))
                        .toList(),
                new LightMap.Reach(climbs, BACK, FROM_TOP, guard),
                heated(design, floor, fixtures, catalogue),
                Math.abs(vessel.floorArea() - vessel.length() * vessel.width()) < 1e-6);
    }

    private static Optional<Heated> heated(Design design, List<Floor> floor, FixtureMap fixtures, Catalogue catalogue) {
        if (design.water().isEmpty() || floor.stream().noneMatch(f -> f instanceof Floor.Water)) {
            return Optional.empty();
        }
        List<Integer> heaters = IntStream.range(0, fixtures.mapped().size())
                .filter(i -> catalogue
                        .findGear(fixtures.mapped().get(i).item())
                        .filter(Gear::isWaterHeater)
                        .isPresent())
                .boxed()
                .toList();
        int body = heaters.stream()
                .findFirst()
                .map(i -> ((Fixture.InWater) fixtures.fixtures().get(i).part()).water())
                .orElse(0);
        return Optional.of(new Heated(design.water().get().celsius(), body, heaters));
    }

    private static ClimateCase.RoomCourse season(RoomPlan.Season s, RoomPlan room) {
        return new ClimateCase.RoomCourse(
                new ClimateCase.Outside(s.tempDay(), s.humidityDay()),
                new ClimateCase.Outside(s.tempNight(), s.humidityNight()),
                room.dayStart(),
                room.dayEnd());
    }

    /** A basking place whose top stands over the ground: its part above it. */
    private static Optional<ClimateCase.Platform> platform(HardscapeItem item, Vessel vessel, GroundResult ground) {
        if (!item.isBasking()) {
            return Optional.empty();
        }
        PieceMove.Box box = PieceMove.box(item);
        double x0 = Math.max(0, box.left());
        double x1 = Math.min(vessel.length(), box.right());
        double y0 = Math.max(0, box.front());
        double y1 = Math.min(vessel.width(), box.front() + box.width());
        double under = ground.terrain().surfaceAt((x0 + x1) / 2, (y0 + y1) / 2);
        double thick = Math.min(item.height(), item.top() - under);
        if (x1 - x0 < THINNEST
                || y1 - y0 < THINNEST
                || thick < THINNEST
                || item.top() > vessel.height() - LEAST_AIR / 2) {
            return Optional.empty();
        }
        return Optional.of(new ClimateCase.Platform(
                item.id(),
                (x0 + x1) / 2,
                (y0 + y1) / 2,
                item.top(),
                x1 - x0,
                y1 - y0,
                GroundMatter.piece(item, thick),
                item.absorptance(),
                true));
    }

    private static Optional<ClimateCase.Obstacle> obstacle(HardscapeItem item, Vessel vessel) {
        PieceMove.Box box = PieceMove.box(item);
        double top = Math.min(vessel.height(), item.top());
        if (top <= item.base() || box.right() <= box.left() || box.width() <= 0) {
            return Optional.empty();
        }
        return Optional.of(new ClimateCase.Obstacle(
                new Block(box.left(), box.right(), box.front(), box.front() + box.width(), item.base(), top),
                item.wettable()));
    }

    /** A place of readings as the model feels it. */
    public Optional<Fixture.Probe> feels(
            Probe probe, Design design, Vessel vessel, Catalogue catalogue, double ground) {
        return new FixtureMap(design.withDevices(List.of()), vessel, catalogue, enclosure.floor(), platforms, ground)
                .probe(probe);
    }
}
