package tanah.core.water;

import static tanah.core.physics.Constants.DAY;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import tanah.core.water.NitrogenPlan.School;

/**
 * Ammonia, nitrite and nitrate over the days in which a water part is run in. Two groups of bacteria grow on a limited
 * surface (Monod uptake, logistic growth), slowed by cold, by acid and by free ammonia; nitrification uses up the
 * alkalinity, which lowers the pH. Rates are fitted to the four to eight weeks (new media) and two to four weeks
 * (seeded) that keepers report (common practice); the day has a band of 0.6 to 1.6. Readings prove a cycle, never this.
 */
public final class NitrogenCycle {
    private static final double STEP = 0.01; // days
    private static final int STEPS = 100;
    private static final double MG = 1e-3; // kg/m³ per mg/l
    private static final double LITRES = 1000;

    private static final double PER_AREA = 300; // mg N/(m² day) at 25 °C, from memory
    private static final double NEW_CAPACITY = 0.0012; // mg N/day per litre, fitted
    private static final double SURVIVAL = 0.10 * 0.7; // share of a donor's capacity in use, share that survives a move
    private static final double LIMIT_TAN = 0.25; // mg N/l, a test that counts as none
    private static final double LIMIT_NO2 = 0.10;
    private static final double REDOSE_NO2 = 5.0;
    private static final double ALKALINITY_PER_N = 7.14; // mg CaCO3 per mg N, stoichiometry
    private static final double LOW_ALKALINITY = 0.7;
    private static final int CLEAN_DOSED = 2;
    private static final int CLEAN_LOADED = 7;

    private final NitrogenPlan plan;
    private final double litres;
    private final double capacity;
    private final double alkalinity0;

    private NitrogenCycle(NitrogenPlan plan) {
        this.plan = plan;
        this.litres = plan.volume() * LITRES;
        this.capacity = PER_AREA * plan.mediaArea();
        this.alkalinity0 = plan.alkalinity() / MG;
    }

    /**
     * The water on one day, at the moment of a test.
     *
     * @param day      from 0
     * @param ammonia  total ammonia nitrogen (kg N/m³)
     * @param nitrite  kg N/m³
     * @param nitrate  kg N/m³
     * @param unionised the harmful part of the ammonia (kg N/m³)
     * @param ph       with the alkalinity that is left
     */
    public record Day(int day, double ammonia, double nitrite, double nitrate, double unionised, double ph) {}

    /**
     * The course.
     *
     * @param days      one entry a day, from day 0
     * @param ready     day on which the tests would show it safe; empty if not within the days computed
     * @param doses     ammonia doses given
     * @param peakAmmonia kg N/m³, of all steps
     * @param peakNitrite kg N/m³
     * @param peakUnionised kg N/m³
     */
    public record Course(
            List<Day> days,
            OptionalInt ready,
            int doses,
            double peakAmmonia,
            double peakNitrite,
            double peakUnionised) {
        public Course {
            days = List.copyOf(days);
        }

        /** The day of readiness as practice spreads: 0.6 to 1.6 of the model's. */
        public double[] readyBand() {
            return ready.isPresent() ? new double[] {0.6 * ready.getAsInt(), 1.6 * ready.getAsInt()} : new double[0];
        }
    }

    /** Computes the course; conserves nitrogen where nothing is taken up or changed. */
    /**
     * What bacteria on media can turn over while ammonia stays at what a test shows as none (kg N/s), by the rates of this course.
     *
     * @param area    of settled media (m²)
     * @param celsius 0 to 40
     * @param ph      3 to 11
     */
    public static double turnsOver(double area, double celsius, double ph) {
        double most = PER_AREA * area * warmth(celsius) * byPh(ph);
        return most * LIMIT_TAN / (0.5 + LIMIT_TAN) * 1e-6 / DAY;
    }

    public static Course run(NitrogenPlan plan) {
        return new NitrogenCycle(plan).course();
    }

    private Course course() {
        double[] y = start();
        List<Day> days = new ArrayList<>();
        OptionalInt ready = OptionalInt.empty();
        int doses = 0;
        int clean = 0;
        boolean dosedYesterday = false;
        double[] peaks = new double[3];
        for (int day = 0; day <= plan.days(); day++) {
            Day seen = reading(day, y);
            days.add(seen);
            clean = counts(day, seen, dosedYesterday) ? clean + 1 : 0;
            int wanted = plan.school() == School.SINGLE ? CLEAN_LOADED : CLEAN_DOSED;
            if (ready.isEmpty() && clean >= wanted && mayBeReady(day)) {
                ready = OptionalInt.of(day);
            }
            change(day, y);
            if (y[5] < LOW_ALKALINITY * alkalinity0) {
                y[5] = alkalinity0;
            }
            dosedYesterday = false;
            if (plan.school() != School.SINGLE
                    && ready.isEmpty()
                    && y[0] <= LIMIT_TAN
                    && y[1] <= REDOSE_NO2
                    && day < plan.days()) {
                y[0] += plan.dose() / MG;
                doses++;
                dosedYesterday = true;
            }
            peak(y, peaks);
            for (int i = 0; day < plan.days() && i < STEPS; i++) {
                y = step(y, day + i * STEP);
                peak(y, peaks);
            }
        }
        return new Course(days, ready, doses, peaks[0] * MG, peaks[1] * MG, peaks[2] * MG);
    }

    /** Ammonia, nitrite, nitrate (mg N/l), capacities of both groups (mg N/day), alkalinity (mg/l). */
    private double[] start() {
        double fresh = NEW_CAPACITY * litres;
        double first = plan.school() == School.SEEDED
                ? Math.max(fresh, PER_AREA * plan.donorArea().orElse(0) * SURVIVAL)
                : fresh;
        first = Math.min(first, capacity);
        return new double[] {0, 0, 0, first, first, alkalinity0};
    }

    private boolean counts(int day, Day seen, boolean dosedYesterday) {
        boolean low = seen.ammonia() <= LIMIT_TAN * MG && seen.nitrite() <= LIMIT_NO2 * MG;
        boolean loaded = plan.school() == School.SINGLE ? day > plan.loadFrom() : dosedYesterday;
        return low && loaded;
    }

    private boolean mayBeReady(int day) {
        return plan.school() != School.SINGLE || (day >= CLEAN_LOADED && day > plan.loadFrom() + 1);
    }

    private void change(int day, double[] y) {
        if (plan.changeFraction() > 0 && day > 0 && day % Math.max(1, plan.changeEvery()) == 0) {
            double kept = 1 - plan.changeFraction();
            y[0] *= kept;
            y[1] *= kept;
            y[2] = y[2] * kept + plan.tapNitrate() / MG * plan.changeFraction();
            y[5] = y[5] * kept + alkalinity0 * plan.changeFraction();
        }
    }

    private Day reading(int day, double[] y) {
        double ph = ph(y[5]);
        double share = Ammonia.unionisedShare(plan.celsius(), ph);
        return new Day(day, y[0] * MG, y[1] * MG, y[2] * MG, y[0] * share * MG, ph);
    }

    private void peak(double[] y, double[] peaks) {
        peaks[0] = Math.max(peaks[0], y[0]);
        peaks[1] = Math.max(peaks[1], y[1]);
        peaks[2] = Math.max(peaks[2], y[0] * Ammonia.unionisedShare(plan.celsius(), ph(y[5])));
    }

    private double ph(double alkalinity) {
        return Math.max(4.5, plan.ph() + Math.log10(Math.max(alkalinity, 1e-9) / alkalinity0));
    }

    private double[] step(double[] y, double day) {
        double[] k1 = slope(y, day);
        double[] k2 = slope(moved(y, k1, STEP / 2), day + STEP / 2);
        double[] k3 = slope(moved(y, k2, STEP / 2), day + STEP / 2);
        double[] k4 = slope(moved(y, k3, STEP), day + STEP);
        double[] next = new double[y.length];
        for (int i = 0; i < y.length; i++) {
            next[i] = Math.max(0, y[i] + STEP / 6 * (k1[i] + 2 * k2[i] + 2 * k3[i] + k4[i]));
        }
        return next;
    }

    private static double[] moved(double[] y, double[] slope, double by) {
        double[] next = new double[y.length];
        for (int i = 0; i < y.length; i++) {
            next[i] = y[i] + by * slope[i];
        }
        return next;
    }

    private double[] slope(double[] y, double day) {
        double ammonia = Math.max(0, y[0]);
        double nitrite = Math.max(0, y[1]);
        double nitrate = Math.max(0, y[2]);
        double ph = ph(y[5]);
        double warmth = warmth(plan.celsius());
        double pace = warmth * byPh(ph);
        double free = ammonia * Ammonia.unionisedShare(plan.celsius(), ph);
        double first = ammonia / (0.5 + ammonia) / (1 + free / 15);
        double second = nitrite / (0.5 + nitrite) / (1 + free / 0.7);
        double oxidised = y[3] * pace * first / litres;
        double finished = y[4] * pace * second / litres;
        double uptake = plan.uptake() * DAY / 1e-6 / litres;
        double uptakeAmmonia = uptake * ammonia / (0.1 + ammonia);
        double uptakeNitrate = Math.max(0, uptake - uptakeAmmonia) * nitrate / (0.1 + nitrate);
        double load = day >= plan.loadFrom() ? plan.load() * DAY / 1e-6 / litres : 0;
        return new double[] {
            load - oxidised - uptakeAmmonia,
            oxidised - finished,
            finished - uptakeNitrate,
            y[3] * (0.50 * pace * first * Math.max(0, 1 - y[3] / capacity) - 0.02 * warmth),
            y[4] * (0.44 * pace * second * Math.max(0, 1 - y[4] / capacity) - 0.02 * warmth),
            -ALKALINITY_PER_N * oxidised
        };
    }

    private static double warmth(double t) {
        double up = Math.pow(1.07, Math.min(t, 32) - 25);
        return t > 32 ? up * Math.max(0, (40 - t) / 8) : up;
    }

    /** Pace by pH, linear between points (common practice). */
    private static double byPh(double ph) {
        double[] at = {5.5, 6, 6.5, 7, 7.5, 8.5, 9, 9.5};
        double[] pace = {0, 0.1, 0.4, 0.8, 1, 1, 0.7, 0.3};
        if (ph <= at[0]) {
            return 0;
        }
        for (int i = 1; i < at.length; i++) {
            if (ph <= at[i]) {
                return pace[i - 1] + (pace[i] - pace[i - 1]) * (ph - at[i - 1]) / (at[i] - at[i - 1]);
            }
        }
        return pace[pace.length - 1];
    }
}
