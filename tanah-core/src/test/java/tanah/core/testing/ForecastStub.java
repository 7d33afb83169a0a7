package tanah.core.testing;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyBoolean;
import static org.mockito.ArgumentMatchers.anyDouble;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.animal.Inhabitant;
import tanah.core.box.ClimateCase;
import tanah.core.box.Fixture;
import tanah.core.box.Floor;
import tanah.core.box.Matter;
import tanah.core.box.Pane;
import tanah.core.box.Shell;
import tanah.core.catalogue.Species;
import tanah.core.climate.ClimateModel;
import tanah.core.climate.DayCourse;
import tanah.core.climate.LightMap;
import tanah.core.climate.Places;
import tanah.core.climate.SteadyState;
import tanah.core.climate.WaterLedger;
import tanah.core.climaterule.RuleInput;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.forecast.Extreme;
import tanah.core.forecast.Forecast;
import tanah.core.forecast.LightForecast;
import tanah.core.forecast.WaterHeat;
import tanah.core.light.Emitter;
import tanah.core.light.Glazing;
import tanah.core.light.Leaves;
import tanah.core.light.Lid;
import tanah.core.light.Vec;
import tanah.core.mapping.MappedDesign;
import tanah.core.need.ClimatePlace;
import tanah.core.need.Expected;
import tanah.core.need.Extent;
import tanah.core.need.Need;
import tanah.core.need.Outlook;
import tanah.core.need.Want;
import tanah.core.physics.Instrument;
import tanah.core.time.Season;
import tanah.core.time.SeasonPhase;

/**
 * A forecast that says what a test wants it to say, so that a rule can be asked just below, at and above its limit without a
 * climate being computed. The box is 1.2 m by 0.6 by 0.6 with a lid of mesh.
 */
public final class ForecastStub {
    /** Inside height of the box (m). */
    public static final double HEIGHT = 0.6;

    private static final double BACK = 0.03;

    private final Forecast forecast = mock(Forecast.class);
    private final ClimateModel model = mock(ClimateModel.class);
    private final LightMap map = mock(LightMap.class);
    private final SteadyState state = mock(SteadyState.class);
    private final Places places = mock(Places.class);
    private final List<Device> devices = new ArrayList<>();
    private final List<Fixture> fixtures = new ArrayList<>();
    private final List<ClimateCase.Platform> platforms = new ArrayList<>();
    private final List<ClimateCase.Obstacle> obstacles = new ArrayList<>();
    private final List<Leaves> plants = new ArrayList<>();
    private final List<Floor> floor = new ArrayList<>();
    private final Map<Want, Extent[]> extents = new EnumMap<>(Want.class);
    private double air = 20;
    private boolean isBox = true;
    private Lid lid = new Lid(HEIGHT, 1.2, 0.6, 1, Lid.Side.BACK, 0.7, 0.7, Glazing.OPAQUE, 0.5);
    private ClimateCase.Outside summer = new ClimateCase.Outside(26, 0.5);
    private Species profile = TestSpecies.lizard();
    private Optional<MappedDesign.Heated> heated = Optional.empty();

    public ForecastStub() {
        when(forecast.model()).thenReturn(model);
        when(forecast.at(any())).thenReturn(state);
        when(forecast.day(any())).thenReturn(Optional.empty());
        when(forecast.expected(any(), any())).thenReturn(Optional.empty());
        when(forecast.extreme(any(), any(), anyBoolean())).thenReturn(Optional.empty());
        when(forecast.waterHeat()).thenReturn(Optional.empty());
        when(forecast.isSettled()).thenReturn(true);
        when(forecast.outlook(any())).thenAnswer(call -> outlook(call.getArgument(0)));
        when(places.shown(any(), any(), anyDouble(), anyDouble()))
                .thenAnswer(call ->
                        call.<Instrument>getArgument(0).shows(air, air, call.getArgument(2), call.getArgument(3)));
        when(state.places()).thenReturn(places);
        when(state.duty(anyInt())).thenReturn(1.0);
        light(0, 0, 1, 0);
    }

    public ForecastStub animal(Species species) {
        profile = species;
        return this;
    }

    /** The whole day is known. */
    public ForecastStub days() {
        when(forecast.hasDays()).thenReturn(true);
        return this;
    }

    /** A winter day of which only its moisture is known. */
    public ForecastStub winter(double wetHours, double sprayed, double drained) {
        WaterLedger water = new WaterLedger(sprayed, 0, 0, 0, 0, 0, 0, drained, 0, 0);
        DayCourse day = new DayCourse(List.of(), water, 0, wetHours, 1, 0, 0, 0);
        when(forecast.day(Season.WINTER)).thenReturn(Optional.of(day));
        return days();
    }

    public ForecastStub expect(ClimatePlace place, SeasonPhase when, double value) {
        when(forecast.expected(place, when)).thenReturn(Optional.of(new Expected(value, 1)));
        return this;
    }

    public ForecastStub extreme(ClimatePlace place, Season season, boolean highest, double value, double half) {
        when(forecast.extreme(place, season, highest))
                .thenReturn(Optional.of(new Extreme(new Expected(value, half), OptionalDouble.of(12))));
        return this;
    }

    /** What is expected of a need on the coldest and on the hottest day. */
    public ForecastStub extent(Want want, Extent winter, Extent summer) {
        extents.put(want, new Extent[] {winter, summer});
        return this;
    }

    /** The same on both days, from low to high. */
    public ForecastStub extent(Want want, double low, double high, double half) {
        return extent(want, new Extent(low, high, half), new Extent(low, high, half));
    }

    /** UV index at the highest and at the resting place, share of the ground in shade, plant light (mol/m² s). */
    public ForecastStub light(double peak, double resting, double shade, double photons) {
        LightForecast light = new LightForecast(
                map,
                peak > 0 || resting > 0,
                peak,
                resting,
                new LightMap.Ground(0, 0, shade),
                new LightMap.Ground(photons, photons, 1),
                0,
                0.4);
        when(forecast.light()).thenReturn(light);
        return this;
    }

    /** UV lamps of which nothing arrives. */
    public ForecastStub stoppedLight() {
        LightMap.Ground dark = new LightMap.Ground(0, 0, 1);
        when(forecast.light()).thenReturn(new LightForecast(map, true, 0, 0, dark, dark, 0, 0.4));
        return this;
    }

    /** Light on every back (W/m²). */
    public ForecastStub onBack(double watts) {
        when(map.onBack(any(), any())).thenReturn(watts);
        return this;
    }

    /** Air, ground and what shines on a probe anywhere (°C, W/m²), and the vapour of the air (kg/kg). */
    public ForecastStub everywhere(double air, double ground, double beams, double vapour) {
        when(places.air(anyDouble(), anyDouble(), anyDouble())).thenReturn(air);
        this.air = air;
        when(places.surface(anyDouble(), anyDouble())).thenReturn(ground);
        when(places.vapour(anyDouble(), anyDouble(), anyDouble())).thenReturn(vapour);
        when(map.aimed(any(), any())).thenReturn(beams);
        return this;
    }

    public ForecastStub groundAt(double height) {
        when(forecast.groundAt(anyDouble(), anyDouble())).thenReturn(height);
        when(model.groundAt(anyDouble(), anyDouble())).thenReturn(height);
        return this;
    }

    public ForecastStub unsettled(double change) {
        when(forecast.isSettled()).thenReturn(false);
        when(forecast.lastChange()).thenReturn(change);
        return this;
    }

    public ForecastStub round() {
        isBox = false;
        return this;
    }

    public ForecastStub closed(boolean clear) {
        lid = new Lid(HEIGHT, 1.2, 0.6, 0, Lid.Side.BACK, 0.7, 0.7, clear ? Glazing.GLASS : Glazing.OPAQUE, 0.5);
        return this;
    }

    public ForecastStub summer(double celsius) {
        summer = new ClimateCase.Outside(celsius, 0.5);
        return this;
    }

    public ForecastStub pool() {
        floor.add(new Floor.Water(new double[] {0, 0.3, 0, 0.6}, 0.1, 0.1, 0));
        return this;
    }

    /** Water of which a heater is to hold the warmth; its heaters are the devices so far that stand in it. */
    public ForecastStub water(WaterHeat heat, double half) {
        pool();
        List<Integer> in = new ArrayList<>();
        for (int i = 0; i < fixtures.size(); i++) {
            if (fixtures.get(i).part() instanceof Fixture.InWater) {
                in.add(i);
            }
        }
        heated = Optional.of(new MappedDesign.Heated(heat.target(), 0, in));
        when(forecast.waterHeat()).thenReturn(Optional.of(heat));
        when(forecast.half(any(ClimatePlace.class), any())).thenReturn(half);
        return days();
    }

    public ForecastStub platform(double x, double z) {
        platforms.add(new ClimateCase.Platform("slab", x, 0.3, z, 0.2, 0.2, Matter.STONE.sheet(0.02), 0.8, true));
        return this;
    }

    public ForecastStub obstacle(ClimateCase.Obstacle o) {
        obstacles.add(o);
        return this;
    }

    public ForecastStub plant(Leaves leaves) {
        plants.add(leaves);
        return this;
    }

    public ForecastStub fixture(Device device, Fixture fixture) {
        devices.add(device);
        fixtures.add(fixture);
        return this;
    }

    /** A lamp over the middle of the box. */
    public ForecastStub lamp(Device device, double watts, double z, Optional<Fixture.Thermostat> thermostat) {
        boolean uv = device.item().equals("tube") || device.item().equals("discharge");
        Emitter shape = new Emitter(
                uv ? Emitter.Kind.TUBE : Emitter.Kind.POINT,
                new Vec(0.6, 0.3, z),
                Vec.DOWN,
                true,
                0.5,
                0,
                0,
                0.5,
                0.03,
                Emitter.Optic.BARE);
        Fixture.Lamp lamp = new Fixture.Lamp(
                shape,
                0.6,
                0,
                0.2,
                null,
                null,
                uv ? Optional.of(new Fixture.UvReading(3, 0.3)) : Optional.empty(),
                0,
                1);
        return fixture(device, new Fixture(device.id(), watts, new Fixture.Hours.Day(), 1, thermostat, lamp));
    }

    public ForecastStub heater(Device device, double watts) {
        return fixture(
                device,
                new Fixture(
                        device.id(),
                        watts,
                        new Fixture.Hours.Always(),
                        1,
                        Optional.empty(),
                        new Fixture.InWater(0, 1)));
    }

    public RuleInput input() {
        return input(design());
    }

    public RuleInput input(Design design) {
        Inhabitant animal = TestSpecies.inhabitant(profile, 1);
        MappedDesign mapped = mapped();
        when(forecast.mapped()).thenReturn(mapped);
        return new RuleInput(animal, design, forecast, TestGear.catalogue());
    }

    /** The forecast as the input has it; only after {@link #input()}. */
    public Forecast forecast() {
        return forecast;
    }

    private Optional<Outlook> outlook(Need need) {
        return Optional.ofNullable(extents.get(need.want())).map(e -> Outlook.of(need, e[0], e[1], Optional.empty()));
    }

    private Design design() {
        return TestDesigns.box(1.2, 0.6, HEIGHT, TestDesigns.soil("sand_play", 0.1))
                .withDevices(devices);
    }

    private MappedDesign mapped() {
        Pane glass = Pane.of(Matter.GLASS, 0.006);
        Shell shell = new Shell(
                1.2,
                0.6,
                HEIGHT,
                Map.of(Lid.Side.LEFT, glass, Lid.Side.RIGHT, glass, Lid.Side.FRONT, glass, Lid.Side.BACK, glass),
                glass,
                lid,
                Optional.of(glass),
                List.of());
        ClimateCase box = new ClimateCase(
                shell, floor, platforms, obstacles, plants, fixtures, 8, 12, ClimateCase.Mist.NONE, 0, 0, 101_325);
        ClimateCase.RoomCourse room = new ClimateCase.RoomCourse(summer, summer, 7, 22);
        return new MappedDesign(
                box,
                room,
                room,
                devices,
                List.of(),
                List.of(),
                new LightMap.Reach(false, BACK, 0.05, 0),
                heated,
                isBox);
    }
}
