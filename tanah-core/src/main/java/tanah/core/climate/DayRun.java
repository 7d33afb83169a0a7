package tanah.core.climate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import tanah.core.box.ClimateCase;
import tanah.core.climate.engine.Network;
import tanah.core.climate.engine.RoomAir;
import tanah.core.climate.engine.ThermalState;
import tanah.core.climate.engine.WaterStores;
import tanah.core.physics.MoistAir;

/** A whole day, by backward steps that conserve heat and water: stable at any length of step. */
public final class DayRun {
    private static final double DAY = 24 * 3600; // s
    private static final double SPIN_UP = 900; // s
    private static final double STEP = 300; // s
    private static final int MEANS = 96;
    private static final double START_TOLERANCE = 0.01; // K
    private static final double PERIODIC = 0.3; // K
    private static final int MOST_SPIN_UP = 5; // days

    private final ClimateModel model;
    private final Network net;
    private final ClimateCase c;
    private final Weather weather;
    private final Pace pace;
    private final DayStep now;
    private BooleanSupplier stop = () -> false;
    private Drill drill = Drill.quiet(0, 0);
    private boolean given;

    private DayRun(ClimateModel model, ClimateCase.RoomCourse season) {
        this(model, season, new WaterStores(model.net));
    }

    private DayRun(ClimateModel model, ClimateCase.RoomCourse season, WaterStores stores) {
        this.model = model;
        this.net = model.net;
        this.c = model.enclosure();
        this.weather = new Weather(c, season);
        this.pace = new Pace(c, weather);
        this.now = new DayStep(model, weather, stores, start());
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
        run.now.open(DayStep.QUIET);
        int steps = (int) Math.round(hours * 3600 / STEP);
        for (int i = 0; i < steps; ) {
            i += run.advance(i, steps, STEP, Optional.of(samples));
        }
        return new DrillCourse(samples, run.now.water.close(run.now.state()), run.now.energy(), run.now.worstGap());
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
        run.now.relay.start(run.now.duty());
        run.day(step, false);
        run.now.relay.measure();
        DayCourse course = run.day(step, false);
        return run.given ? Optional.empty() : Optional.of(run.now.relay.told(course.energy()));
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

    /**
     * One step, or several at once while nothing happens; samples, where they are kept, are as many as the steps that it stands for.
     *
     * @param from step at which it begins
     * @param all  steps of the run
     * @return how many steps it stands for
     */
    private int advance(int from, int all, double step, Optional<List<DayCourse.Sample>> samples) {
        int wide = pace.steps(from, all, step, drill, now.relay.works());
        ThermalState before = now.state();
        double hour = (from + wide / 2.0) * step / 3600;
        now.step(from * step / 3600, hour, drill, wide * step);
        ThermalState after = now.state();
        pace.moved(net, before, after, wide * step);
        if (samples.isEmpty()) {
            if (from > 0) { // where a day begins the day before may keep it
                now.giveBack(before);
            }
            return wide;
        }
        for (int i = 1; i <= wide; i++) {
            double at = (from + i - 0.5) * step / 3600;
            ThermalState there = i == wide ? after : before.between(net, after, (double) i / wide);
            samples.get().add(sample(at, weather.room(at, drill), there));
        }
        return wide;
    }

    private DayCourse.Sample sample(double hour, RoomAir room, ThermalState at) {
        List<Double> duties = new ArrayList<>();
        for (double d : now.duty()) {
            duties.add(d);
        }
        double damp = MoistAir.relative(room.humidity(), room.celsius(), c.pressure());
        return new DayCourse.Sample(hour, c.isLit(hour), room.celsius(), damp, new Places(model, at), duties);
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
            double[] here = weather.available(hour, drill);
            for (int j = 0; j < mean.length; j++) {
                mean[j] += here[j] / MEANS;
            }
        }
        return model.steady(
                new RoomAir(celsius, humidity), true, mean, c.photoperiod() / 24, Optional.empty(), START_TOLERANCE);
    }

    private DayCourse day(double step, boolean kept) {
        List<DayCourse.Sample> samples = new ArrayList<>();
        double[] first = now.state().air.clone();
        boolean leadsUp = !kept && step == SPIN_UP;
        now.open(leadsUp ? DayStep.COARSE : DayStep.QUIET);
        int steps = (int) Math.round(DAY / step);
        for (int i = 0; i < steps && !given; ) {
            given = stop.getAsBoolean();
            i += advance(i, steps, step, kept ? Optional.of(samples) : Optional.empty());
        }
        double periodicity = 0;
        for (int n = 0; n < net.grid.zones; n++) {
            periodicity = Math.max(periodicity, Math.abs(now.state().air[n] - first[n]));
        }
        double[] fog = now.water.fogging();
        return new DayCourse(
                samples,
                now.water.close(now.state()),
                now.energy(),
                fog[0],
                fog[1],
                fog[2],
                periodicity,
                now.worstGap());
    }
}
