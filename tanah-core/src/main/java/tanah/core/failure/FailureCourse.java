package tanah.core.failure;

import static tanah.core.physics.Constants.WATER_DENSITY;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.animal.Inhabitant;
import tanah.core.box.Factors;
import tanah.core.climate.ClimateModel;
import tanah.core.climate.DayCourse;
import tanah.core.climate.DayRun;
import tanah.core.climate.Drill;
import tanah.core.climate.DrillCourse;
import tanah.core.mapping.MappedDesign;
import tanah.core.need.ClimatePlace;
import tanah.core.need.HardLimits;
import tanah.core.time.Season;

/**
 * A failure played through for an animal.
 *
 * @param failure  what failed
 * @param begins   hour of the first day at which it began
 * @param samples  one by step
 * @param limits   that an animal has, each with when it is passed; what is passed first comes first
 * @param sprayed  by the mist (kg)
 * @param drained  into the reservoir (kg)
 */
public record FailureCourse(
        Failure failure,
        double begins,
        List<DayCourse.Sample> samples,
        List<Limit> limits,
        double sprayed,
        double drained) {
    /** Nine in ten: standard deviations by which losses and air change are moved to the bad and to the good side. */
    private static final double SPREAD = 1.645;

    private static final double LOSSES = Factors.prior(2);
    private static final double VENTING = Factors.prior(3);
    private static final double ONLY_BAND = 1e6; // h, behind all that is passed for sure
    private static final double AFTER = 24; // h that are followed when it is over

    public FailureCourse {
        samples = List.copyOf(samples);
        limits = List.copyOf(limits);
    }

    /**
     * A hard limit.
     *
     * @param animal  whose it is
     * @param spot    the water of an animal that wants water, or where it would flee to
     * @param hot     whether it must not be passed upwards
     * @param limit   °C
     * @param after   hours from the failure until it is passed, the model as it is; empty: not passed
     * @param soonest the same at the soonest within the band of losses and air change; empty: not passed
     * @param latest  the same at the latest; empty: one side of the band keeps the limit
     * @param worst   value (°C)
     * @param back    hours from the end of the failure until it is kept again; empty: not followed so far or not needed
     */
    public record Limit(
            String animal,
            ClimatePlace spot,
            boolean hot,
            double limit,
            OptionalDouble after,
            OptionalDouble soonest,
            OptionalDouble latest,
            double worst,
            OptionalDouble back) {
        public boolean isPassed() {
            return after.isPresent() || soonest.isPresent();
        }

        /** Hours until it is passed; what the band alone passes comes after that, what is kept last. */
        private double urgency() {
            return after.orElseGet(() -> soonest.isPresent() ? ONLY_BAND + soonest.getAsDouble() : Double.MAX_VALUE);
        }
    }

    /**
     * @param cut to which the room falls without power (°C)
     */
    public static FailureCourse of(Failure failure, MappedDesign mapped, List<Inhabitant> animals, double cut) {
        double begins = Math.floor(mapped.enclosure().lightsOn()) + 1;
        Drill drill = failure.drill(mapped, begins, cut);
        double hours = begins + failure.hours() + AFTER;
        DrillCourse plain = run(mapped, failure, drill, hours, 0);
        List<Limit> limits = new ArrayList<>();
        boolean mayHeat = failure.season() == Season.SUMMER || failure.kind() == Failure.Kind.STUCK;
        DrillCourse closer = run(mapped, failure, drill, hours, -1);
        DrillCourse opener = run(mapped, failure, drill, hours, 1);
        for (Inhabitant a : animals) {
            HardLimits limit = HardLimits.of(a);
            double edge = mayHeat ? limit.high() : limit.low();
            for (ClimatePlace place : HardLimits.places(a, mayHeat)) {
                limit(a, place, mayHeat, edge, List.of(plain, closer, opener), failure, begins)
                        .ifPresent(limits::add);
            }
        }
        limits.sort(Comparator.comparingDouble(Limit::urgency));
        return new FailureCourse(
                failure,
                begins,
                plain.samples(),
                limits,
                plain.water().sprayed(),
                plain.water().drained());
    }

    /**
     * Hours of the failure until a drainage is full by what drains into it.
     *
     * @param room that the drainage has (m³)
     * @return empty without drainage or where nothing drains
     */
    public OptionalDouble full(double room) {
        double rate = drained / WATER_DENSITY / failure.hours();
        return room > 0 && rate > 0 ? OptionalDouble.of(room / rate) : OptionalDouble.empty();
    }

    private static DrillCourse run(MappedDesign mapped, Failure failure, Drill drill, double hours, int side) {
        Factors at = Factors.ONE.times(2, Math.exp(side * SPREAD * LOSSES)).times(3, Math.exp(side * SPREAD * VENTING));
        return DayRun.drill(ClimateModel.of(mapped.enclosure(), at), mapped.room(failure.season()), drill, hours);
    }

    private static Optional<Limit> limit(
            Inhabitant a,
            ClimatePlace spot,
            boolean hot,
            double limit,
            List<DrillCourse> runs,
            Failure failure,
            double begins) {
        Comparator<Double> worse = hot ? Comparator.naturalOrder() : Comparator.reverseOrder();
        Optional<Double> worst = runs.get(0).samples().stream()
                .filter(s -> s.hour() >= begins)
                .flatMap(s -> spot.at(s.places()).stream().boxed())
                .max(worse);
        if (worst.isEmpty()) {
            return Optional.empty();
        }
        OptionalDouble after = passed(runs.get(0), spot, hot, limit, begins);
        return Optional.of(new Limit(
                a.row().scientificName(),
                spot,
                hot,
                limit,
                after,
                runs.stream()
                        .map(r -> passed(r, spot, hot, limit, begins))
                        .filter(OptionalDouble::isPresent)
                        .mapToDouble(OptionalDouble::getAsDouble)
                        .min(),
                latest(runs, spot, hot, limit, begins),
                worst.get(),
                after.isPresent()
                        ? back(runs.get(0), spot, hot, limit, begins + failure.hours())
                        : OptionalDouble.empty()));
    }

    /** When it is passed at the latest; empty where one side of the band keeps it. */
    private static OptionalDouble latest(
            List<DrillCourse> runs, ClimatePlace spot, boolean hot, double limit, double begins) {
        double latest = 0;
        for (DrillCourse r : runs) {
            OptionalDouble here = passed(r, spot, hot, limit, begins);
            if (here.isEmpty()) {
                return here;
            }
            latest = Math.max(latest, here.getAsDouble());
        }
        return OptionalDouble.of(latest);
    }

    private static OptionalDouble passed(DrillCourse run, ClimatePlace spot, boolean hot, double limit, double begins) {
        for (DayCourse.Sample s : run.samples()) {
            OptionalDouble v = spot.at(s.places());
            if (v.isPresent() && s.hour() >= begins && (hot ? v.getAsDouble() > limit : v.getAsDouble() < limit)) {
                return OptionalDouble.of(s.hour() - begins);
            }
        }
        return OptionalDouble.empty();
    }

    private static OptionalDouble back(DrillCourse run, ClimatePlace spot, boolean hot, double limit, double end) {
        OptionalDouble since = OptionalDouble.empty();
        for (DayCourse.Sample s : run.samples()) {
            OptionalDouble v = spot.at(s.places());
            boolean kept = v.isPresent() && (hot ? v.getAsDouble() <= limit : v.getAsDouble() >= limit);
            if (s.hour() < end || !kept) {
                since = OptionalDouble.empty();
            } else if (since.isEmpty()) {
                since = OptionalDouble.of(s.hour() - end);
            }
        }
        return since;
    }
}
