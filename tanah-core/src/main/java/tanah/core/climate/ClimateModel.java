package tanah.core.climate;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import tanah.core.box.ClimateCase;
import tanah.core.box.ClimateCase.Outside;
import tanah.core.box.Factors;
import tanah.core.box.Fixture;
import tanah.core.climate.engine.DeviceHeat;
import tanah.core.climate.engine.Grid;
import tanah.core.climate.engine.HeatSources;
import tanah.core.climate.engine.Network;
import tanah.core.climate.engine.RoomAir;
import tanah.core.climate.engine.Vents;

/**
 * The climate of one enclosure: a two-scale model of air zones and of finer tiles, patches and platforms. What depends on
 * geometry alone is computed once.
 */
public final class ClimateModel {
    final Network net;
    final Vents vents;
    private final List<HeatSources> beams;
    private final List<HeatSources> sources;
    final ProbeLift lift;

    private ClimateModel(Network net, List<HeatSources> beams) {
        this.net = net;
        this.vents = new Vents(net);
        this.beams = List.copyOf(beams);
        DeviceHeat heat = new DeviceHeat(net);
        List<HeatSources> all = new ArrayList<>();
        for (int i = 0; i < beams.size(); i++) {
            all.add(heat.of(net.grid.enclosure.fixtures().get(i), beams.get(i)));
        }
        this.sources = List.copyOf(all);
        this.lift = ProbeLift.of(this);
    }

    /**
     * @throws IllegalArgumentException for an enclosure that cannot be: no floor at a place, ground above the lid
     */
    public static ClimateModel of(ClimateCase enclosure, Factors factors) {
        Grid grid = new Grid(enclosure);
        if (!(grid.air > 0)) {
            throw new IllegalArgumentException("no air over the ground");
        }
        return of(grid, factors);
    }

    /** The same on a finer grid, to show how far the usual one is off; five to ten times the work. */
    public static ClimateModel finer(ClimateCase enclosure, Factors factors) {
        return of(new Grid(enclosure, true), factors);
    }

    private static ClimateModel of(Grid grid, Factors factors) {
        Network net = new Network(grid, factors);
        DeviceHeat heat = new DeviceHeat(net);
        return new ClimateModel(
                net, grid.enclosure.fixtures().stream().map(heat::beams).toList());
    }

    /** The same enclosure with other multipliers; rays are followed again only of lamps above the lid where the mesh counts otherwise. */
    public ClimateModel with(Factors factors) {
        Network other = new Network(net.grid, factors);
        if (factors.mesh() == net.factors.mesh()) {
            return new ClimateModel(other, beams);
        }
        DeviceHeat heat = new DeviceHeat(other);
        List<HeatSources> seen = new ArrayList<>();
        for (int i = 0; i < beams.size(); i++) {
            Fixture f = enclosure().fixtures().get(i);
            seen.add(isOverLid(f) ? heat.beams(f) : beams.get(i));
        }
        return new ClimateModel(other, seen);
    }

    private boolean isOverLid(Fixture f) {
        return f.part() instanceof Fixture.Lamp lamp
                && lamp.shape().at().z() > enclosure().shell().height();
    }

    /** The same box with other devices; rays of those that stay are not followed again. */
    public ClimateModel with(List<Fixture> fixtures) {
        Grid grid = new Grid(enclosure().withFixtures(fixtures));
        Network other = new Network(grid, net.factors);
        DeviceHeat heat = new DeviceHeat(other);
        List<HeatSources> seen = new ArrayList<>();
        for (Fixture f : fixtures) {
            int before = enclosure().fixtures().indexOf(f);
            seen.add(before < 0 ? heat.beams(f) : beams.get(before));
        }
        return new ClimateModel(other, seen);
    }

    /** The model of another enclosure; where only its devices differ, rays of those that stay are not followed again. */
    public ClimateModel to(ClimateCase other, Factors factors) {
        boolean sameBox = factors.equals(net.factors)
                && enclosure().withFixtures(other.fixtures()).equals(other);
        return sameBox ? with(other.fixtures()) : of(other, factors);
    }

    /** Heat that a water takes up (J/K). */
    public double waterCapacity(int body) {
        return net.waterStore[body];
    }

    /** What readings or common practice say of the multipliers. */
    public Factors factors() {
        return net.factors;
    }

    /** Height of the ground or the water at a place (m). */
    public double groundAt(double x, double y) {
        return net.grid.tileZ[net.grid.tileAt(x, y)];
    }

    /** Mean height of ground and water, at which the air begins (m). */
    public double meanGround() {
        return net.grid.ground;
    }

    /** Zones of the air. */
    public int zones() {
        return net.grid.zones;
    }

    /** What draining water does. */
    public Filling filling() {
        return Filling.of(net.grid);
    }

    /** The plan that this computes. */
    public ClimateCase enclosure() {
        return net.grid.enclosure;
    }

    HeatSources sources(int fixture) {
        return sources.get(fixture);
    }

    /** What a lamp gives the basking place at full power, taken up (W/m²): the mean of the platforms meant for it, else the best land. */
    double baskingLight(int fixture) {
        if (!(enclosure().fixtures().get(fixture).part() instanceof Fixture.Lamp)) {
            return 0;
        }
        HeatSources s = sources.get(fixture);
        OptionalDouble raised = IntStream.range(0, net.platforms)
                .filter(i -> enclosure().platforms().get(i).basking())
                .mapToDouble(i -> s.platform[i] / enclosure().platforms().get(i).area())
                .average();
        return raised.orElseGet(() -> Arrays.stream(s.tile).max().orElse(0) / net.grid.tileArea);
    }

    /** Where the heat of a device goes at full power. */
    public HeatSplit split(int fixture) {
        HeatSources s = sources.get(fixture);
        return new HeatSplit(
                HeatSources.total(s.tile),
                HeatSources.total(s.cell),
                HeatSources.total(s.base),
                HeatSources.total(s.paneIn) + HeatSources.total(s.paneOut),
                HeatSources.total(s.platform),
                HeatSources.total(s.foliage),
                HeatSources.total(s.zone),
                s.star.clone(),
                HeatSources.total(s.water),
                s.room);
    }

    /**
     * The steady state of a day or a night that lasts for ever.
     *
     * @param outside   room
     * @param lit       whether the lamps' day holds: set points, schedules and leaves follow it
     * @param from      a state to start from, such as that before an edit
     * @param tolerance K
     */
    public SteadyState steady(Outside outside, boolean lit, Optional<SteadyState> from, double tolerance) {
        return new SteadyRounds(this, start(outside, lit, from)).settle(tolerance);
    }

    /** @param dayShare by which set points of day and night are weighed */
    SteadyState steady(
            RoomAir room,
            boolean lit,
            double[] available,
            double dayShare,
            Optional<SteadyState> from,
            double tolerance) {
        return new SteadyRounds(this, new SteadyRounds.Start(room, lit, available, dayShare, from)).settle(tolerance);
    }

    /** What rounds towards a steady state of a room and phase begin with. */
    SteadyRounds.Start start(Outside outside, boolean lit, Optional<SteadyState> from) {
        RoomAir room = RoomAir.of(outside, enclosure().pressure());
        return new SteadyRounds.Start(room, lit, available(lit), lit ? 1 : 0, from);
    }

    /** Share of its power that each device may use in a phase. */
    private double[] available(boolean lit) {
        ClimateCase c = enclosure();
        double[] available = new double[c.fixtures().size()];
        for (int i = 0; i < available.length; i++) {
            available[i] = c.fixtures().get(i).availableIn(lit, c.lightsOn(), c.photoperiod());
        }
        return available;
    }

    /** Heat that devices give to the air at some duties (W). */
    double released(double[] duty) {
        double sum = 0;
        for (int i = 0; i < duty.length; i++) {
            sum += duty[i] * HeatSources.total(sources.get(i).zone);
        }
        return sum;
    }

    /** What devices give at some duties, in place of what was in {@code sum}. */
    void sum(double[] duty, HeatSources sum) {
        sum.clear();
        for (int i = 0; i < duty.length; i++) {
            if (duty[i] != 0) {
                sum.add(sources.get(i), duty[i]);
            }
        }
    }
}
