package tanah.core.climate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import tanah.core.box.ClimateCase;
import tanah.core.climate.engine.Coefficients;
import tanah.core.climate.engine.HeatStep;
import tanah.core.climate.engine.Latent;
import tanah.core.climate.engine.LatentCarryOver;
import tanah.core.climate.engine.Network;
import tanah.core.climate.engine.RoomAir;
import tanah.core.climate.engine.Saturation;
import tanah.core.climate.engine.ThermalState;
import tanah.core.climate.engine.Vapour;
import tanah.core.climate.engine.WaterStores;
import tanah.core.physics.MoistAir;

/** A whole day, by backward steps that conserve heat and water: stable at any length of step. */
public final class DayRun {
    private static final double DAY = 24 * 3600; // s
    private static final double SPIN_UP = 900; // s
    private static final double STEP = 300; // s
    private static final int MEANS = 96;
    private static final double START_TOLERANCE = 0.01; // K
    private static final double QUIET = 0.05; // K
    private static final double FOG_SETTLED = 0.02; // K
    private static final int MORE_PASSES = 8;
    private static final double MORE_DUTY = 0.3;
    private static final double PERIODIC = 0.3; // K
    private static final int MOST_SPIN_UP = 5; // days

    private final ClimateModel model;
    private final Network net;
    private final ClimateCase c;
    private final Weather weather;
    private final Relay relay;
    private final WaterDay water;
    private LatentCarryOver debt;
    private ThermalState state;
    private double[] duty;
    private double energy;
    private double worstGap;
    private BooleanSupplier stop = () -> false;
    private Drill drill = Drill.quiet(0, 0);
    private Set<Integer> stuck = Set.of();
    private boolean given;

    private DayRun(ClimateModel model, ClimateCase.RoomCourse season) {
        this(model, season, new WaterStores(model.net));
    }

    private DayRun(ClimateModel model, ClimateCase.RoomCourse season, WaterStores stores) {
        this.model = model;
        this.net = model.net;
        this.c = model.enclosure();
        this.weather = new Weather(c, season);
        this.relay = new Relay(net, model.lift);
        this.water = new WaterDay(net, stores);
        this.debt = new LatentCarryOver(net);
        SteadyState start = start();
        this.state = start.state().copy(net);
        this.duty = new double[c.fixtures().size()];
        for (int i = 0; i < duty.length; i++) {
            duty[i] = start.duty(i);
        }
    }

    /** A day of a season that follows days like it. */
    public static DayCourse of(ClimateModel model, ClimateCase.RoomCourse season) {
        return of(model, season, () -> false).orElseThrow();
    }

    /** The same, given up as soon as {@code stop} says so; empty then. */
    public static Optional<DayCourse> of(ClimateModel model, ClimateCase.RoomCourse season, BooleanSupplier stop) {
        return of(model, season, STEP, stop);
    }

    /** @param step length of a step (s), a whole part of a day */
    public static Optional<DayCourse> of(
            ClimateModel model, ClimateCase.RoomCourse season, double step, BooleanSupplier stop) {
        DayRun run = new DayRun(model, season);
        run.stop = stop;
        DayCourse course = run.day(SPIN_UP, false);
        if (!run.given) {
            course = run.day(step, true);
        }
        for (int day = 1; day < MOST_SPIN_UP && course.periodicity() > PERIODIC && !run.given; day++) {
            // heavy ground takes its days; they are run coarsely until they repeat
            boolean last = day == MOST_SPIN_UP - 1;
            DayCourse coarse = run.day(SPIN_UP, false);
            if (coarse.periodicity() <= PERIODIC || last) {
                course = run.day(step, true);
            }
        }
        return run.given ? Optional.empty() : Optional.of(course);
    }

    /**
     * A failure from the midnight before it on, out of days without it.
     *
     * @param hours to be followed
     */
    public static DrillCourse drill(ClimateModel model, ClimateCase.RoomCourse season, Drill drill, double hours) {
        DayRun run = new DayRun(model, season);
        run.day(SPIN_UP, false);
        run.day(SPIN_UP, false);
        run.drill = drill;
        List<DayCourse.Sample> samples = new ArrayList<>();
        run.water.open(run.state);
        int steps = (int) Math.round(hours * 3600 / STEP);
        for (int i = 0; i < steps; i++) {
            double hour = (i + 0.5) * STEP / 3600;
            RoomAir room = run.weather.room(hour, run.drill);
            run.step(i * STEP / 3600, hour, room, STEP);
            samples.add(run.sample(hour, room));
        }
        return new DrillCourse(samples, run.water.close(run.state), run.energy, run.worstGap);
    }

    /**
     * The day with heaters that switch on and off by a relay, in short steps. The common run lets them dim instead, which
     * holds the probe up to half a band off the set point.
     *
     * @param step s, 1 to 60
     * @return empty where it was given up
     */
    public static Optional<RelayCourse> switched(
            ClimateModel model, ClimateCase.RoomCourse season, double step, BooleanSupplier stop) {
        DayRun run = new DayRun(model, season);
        run.stop = stop;
        run.day(SPIN_UP, false);
        if (run.given) {
            return Optional.empty();
        }
        run.relay.start(run.duty);
        run.day(step, false);
        run.relay.measure();
        DayCourse course = run.day(step, false);
        return run.given ? Optional.empty() : Optional.of(run.relay.told(course.energy()));
    }

    /**
     * How a planting that was watered well settles: coarse days in a row, all of the same season.
     *
     * @param most days
     * @return mean humidity of each day as a share of saturation; empty where it was given up
     */
    public static Optional<AfterPlanting> settling(
            ClimateModel model, ClimateCase.RoomCourse season, int most, BooleanSupplier stop) {
        DayRun run = new DayRun(model, season, WaterStores.watered(model.net));
        run.stop = stop;
        List<Double> means = new ArrayList<>();
        double drained = 0;
        for (int day = 0; day < most && !run.given; day++) {
            DayCourse course = run.day(SPIN_UP, true);
            means.add(course.samples().stream()
                    .mapToDouble(x -> x.places().meanHumidity())
                    .average()
                    .orElse(0));
            drained += course.water().drained();
        }
        return run.given ? Optional.empty() : Optional.of(new AfterPlanting(means, drained));
    }

    private DayCourse.Sample sample(double hour, RoomAir room) {
        List<Double> duties = new ArrayList<>();
        for (double d : duty) {
            duties.add(d);
        }
        double damp = MoistAir.relative(room.humidity(), room.celsius(), c.pressure());
        return new DayCourse.Sample(hour, c.isLit(hour), room.celsius(), damp, new Places(model, state), duties);
    }

    /** The steady state of the day's means. */
    private SteadyState start() {
        double celsius = 0;
        double humidity = 0;
        double[] mean = new double[c.fixtures().size()];
        for (int i = 0; i < MEANS; i++) {
            double hour = (i + 0.5) * 24 / MEANS;
            RoomAir r = weather.room(hour, drill);
            celsius += r.celsius() / MEANS;
            humidity += r.humidity() / MEANS;
            double[] now = weather.available(hour, drill);
            for (int j = 0; j < mean.length; j++) {
                mean[j] += now[j] / MEANS;
            }
        }
        return model.steady(
                new RoomAir(celsius, humidity), true, mean, c.photoperiod() / 24, Optional.empty(), START_TOLERANCE);
    }

    private DayCourse day(double step, boolean kept) {
        List<DayCourse.Sample> samples = new ArrayList<>();
        ThermalState first = state;
        energy = 0;
        worstGap = 0;
        water.open(state);
        int steps = (int) Math.round(DAY / step);
        for (int i = 0; i < steps && !given; i++) {
            given = stop.getAsBoolean();
            double hour = (i + 0.5) * step / 3600;
            RoomAir room = weather.room(hour, drill);
            step(i * step / 3600, hour, room, step);
            if (kept) {
                samples.add(sample(hour, room));
            }
        }
        double periodicity = 0;
        for (int n = 0; n < net.grid.zones; n++) {
            periodicity = Math.max(periodicity, Math.abs(state.air[n] - first.air[n]));
        }
        double[] fog = water.fogging();
        return new DayCourse(samples, water.close(state), energy, fog[0], fog[1], fog[2], periodicity, worstGap);
    }

    private void step(double begins, double hour, RoomAir room, double step) {
        boolean failing = drill.holds(hour);
        Sprayed spray = Sprayed.in(c.mist(), begins, step, failing && drill.misting());
        double[] flash = water.spray(spray.water(), spray.air(), step, state);
        boolean lit = c.isLit(hour);
        double[] available = weather.available(hour, drill);
        stuck = failing ? drill.stuck() : relay.switched(state, available, duty, lit, step);
        double[] expected = new double[duty.length];
        for (int i = 0; i < duty.length; i++) {
            boolean ruled = c.fixtures().get(i).thermostat().isPresent() && !stuck.contains(i);
            expected[i] = ruled ? Math.min(available[i], duty[i] + MORE_DUTY) : available[i];
        }
        double released = model.released(expected);
        double venting = failing ? drill.venting() : 1;
        Saturation full = new Saturation(net, state);
        Coefficients k = coefficients(state, full, released, room, venting);
        Pass pass = pass(k, state, full, room, lit, available, flash, step);
        if (spray.water() > 0 || DayLedger.moved(net, state, pass.after()) >= QUIET) {
            full = new Saturation(net, pass.after());
            k.toward(coefficients(pass.after(), full, released, room, venting), 0.5);
            pass = pass(k, pass.after(), full, room, lit, available, flash, step);
            for (int more = 0; more < MORE_PASSES && pass.chasesFog(); more++) {
                pass = pass(k, pass.after(), new Saturation(net, pass.after()), room, lit, available, flash, step);
            }
        }
        ledger(pass, k, room, step);
        water.apply(pass.vapour(), k, room, step);
        debt.settle(net, pass.latent(), pass.at(), pass.after(), step);
        state = pass.after();
        duty = pass.duty();
    }

    private Coefficients coefficients(ThermalState at, Saturation full, double released, RoomAir room, double venting) {
        return Coefficients.at(net, model.vents, at, full, water.stores, released, 0, room, venting);
    }

    /** One solution of a step; {@code at} are the temperatures about which evaporation is linear. */
    private record Pass(Vapour vapour, Latent latent, ThermalState at, ThermalState after, double[] duty) {
        /** Whether air in which fog falls is not yet as warm as the balance of vapour took it to be. */
        boolean chasesFog() {
            for (int n = 0; n < at.air.length; n++) {
                if (latent.zoneSlope[n] > 0 && Math.abs(after.air[n] - at.air[n]) > FOG_SETTLED) {
                    return true;
                }
            }
            return false;
        }
    }

    private Pass pass(
            Coefficients k,
            ThermalState at,
            Saturation full,
            RoomAir room,
            boolean lit,
            double[] available,
            double[] flash,
            double step) {
        Vapour v = new Vapour(net, k, full, water.stores, room, lit, step, flash);
        v.solve(state.humidity);
        Latent latent = Latent.of(net, v, at);
        debt.charge(latent, step);
        HeatStep heat = new HeatStep(net, k, latent, 1 / step, at);
        double[] next = duty.clone();
        ThermalState after = Thermostats.of(model, heat, room, state, available, lit ? 1 : 0, next, stuck);
        System.arraycopy(v.humidity, 0, after.humidity, 0, v.humidity.length);
        return new Pass(v, latent, at, after, next);
    }

    private void ledger(Pass pass, Coefficients k, RoomAir room, double step) {
        relay.aired(k.speed());
        double latent = DayLedger.latent(net, pass.latent(), pass.after());
        double stored = DayLedger.stored(net, state, pass.after());
        Balance b = Balance.of(model, room, pass.after(), k, latent, pass.duty(), stored / step);
        energy += b.power() * step;
        worstGap = Math.max(worstGap, Math.abs(b.gap()));
    }
}
