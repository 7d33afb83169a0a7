package tanah.core.climate;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.IntStream;
import tanah.core.box.ClimateCase;
import tanah.core.box.ClimateCase.Outside;
import tanah.core.box.Factors;
import tanah.core.box.Fixture;
import tanah.core.climate.engine.Coefficients;
import tanah.core.climate.engine.DeviceHeat;
import tanah.core.climate.engine.Grid;
import tanah.core.climate.engine.HeatSources;
import tanah.core.climate.engine.Network;
import tanah.core.climate.engine.RoomAir;
import tanah.core.climate.engine.ThermalState;
import tanah.core.climate.engine.Vents;
import tanah.core.climate.engine.WaterStores;
import tanah.core.climate.engine.Workspace;

/**
 * The climate of one enclosure: a two-scale model of air zones and of finer tiles, patches and platforms. What depends on
 * geometry alone is computed once.
 */
public final class ClimateModel {
    private static final int MOST_ROUNDS = 200;
    private static final double HUMIDITY_SETTLED = 1e-6;
    private static final int FIRST_ROUNDS = 3;
    private static final int SWEEPS = 6;

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

    /** The same enclosure with other multipliers; rays are followed again only where the mesh counts otherwise. */
    public ClimateModel with(Factors factors) {
        boolean sameRays = factors.mesh() == net.factors.mesh();
        return sameRays ? new ClimateModel(new Network(net.grid, factors), beams) : of(net.grid, factors);
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
        ClimateCase c = enclosure();
        double[] available = new double[c.fixtures().size()];
        for (int i = 0; i < available.length; i++) {
            available[i] = c.fixtures().get(i).availableIn(lit, c.lightsOn(), c.photoperiod());
        }
        return steady(RoomAir.of(outside, c.pressure()), lit, available, lit ? 1 : 0, from, tolerance);
    }

    /** @param dayShare by which set points of day and night are weighed */
    SteadyState steady(
            RoomAir room,
            boolean lit,
            double[] available,
            double dayShare,
            Optional<SteadyState> from,
            double tolerance) {
        ThermalState s = from.map(f -> f.state().copy(net))
                .orElseGet(() -> ThermalState.even(net, room.celsius() + 1, room.humidity()));
        WaterStores stores = new WaterStores(net);
        double[] duty = available.clone();
        Workspace work = new Workspace(net, stores);
        Thermostats thermostats = new Thermostats(this, work.heat);
        HeatSources all = new HeatSources(net);
        ThermalState next = new ThermalState(net);
        double change = Double.MAX_VALUE;
        int round = 0;
        for (; round < MOST_ROUNDS; round++) {
            // still air of an even start hardly mixes, which would send it far off; a state that was found is left
            // alone
            double floor = from.isEmpty() && round < FIRST_ROUNDS ? Coefficients.FIRST_SPEED : 0;
            Coefficients at = round == 0 ? work.k : work.other;
            at.set(vents, s, work.full.set(s), stores, released(duty), floor, room, 1);
            if (round > 0) {
                work.k.toward(work.other, round <= 30 ? 0.5 : round <= 80 ? 0.3 : 0.15);
            }
            double step = round <= 30 ? 0.9 : round <= 80 ? 0.6 : 0.3;
            work.vapour.solve(s.humidity, room, lit);
            double moved = 0;
            for (int n = 0; n < s.humidity.length; n++) {
                double d = work.vapour.humidity[n] - s.humidity[n];
                moved = Math.max(moved, Math.abs(d));
                s.humidity[n] += step * d;
            }
            work.latent.set(work.vapour, s);
            work.heat.set(0, s);
            thermostats.solve(room, s, available, dayShare, duty, Set.of(), next);
            sum(duty, all);
            for (int i = 0; i < SWEEPS; i++) {
                work.heat.sweep(next, all, room.celsius());
            }
            change = s.toward(next, step);
            if (!Double.isFinite(change)) {
                break;
            }
            if (change < tolerance && moved < HUMIDITY_SETTLED) {
                return SteadyState.of(this, room, s, work.k, stores, lit, duty, change, round + 1, true);
            }
        }
        return SteadyState.of(this, room, s, work.k, stores, lit, duty, change, round, false);
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
