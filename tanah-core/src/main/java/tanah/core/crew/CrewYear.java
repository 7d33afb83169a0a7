package tanah.core.crew;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/**
 * A floor, its litter and its crew day by day for a year, from the state at the start of each day. There are no ages in it, and none
 * come from outside: it shows whether a start is of the right order, not a count. Rates are from memory or common practice.
 *
 * @param days the state at the start of each day, and after the last
 */
public record CrewYear(CrewPlan plan, List<Day> days) {
    public static final int DAYS = 365;

    private static final double YEAR = 365;
    private static final double MICROBES = 12; // 1 a year, of waste at 24 °C, moist
    private static final double LITTER_SCARCE = 0.030; // kg/m² at which eaters find half of what they want
    private static final double WASTE_SCARCE = 0.001; // kg/m²
    private static final double AT_A_TIME = 0.9; // of the waste, in a day
    private static final double LARDER = 180; // days over which a layer feeds those who are born
    private static final double MOST_DIE = 0.10; // a day, where there are too many
    private static final double IDLE_DIE = 0.05; // a day, where they cannot live
    private static final double FOUND = 200; // 1/m² at which a hunter finds half of what it wants
    private static final double CAUGHT = 0.5; // of what can be got at, in a day
    private static final double TO_FRASS = 0.75;
    private static final double FRASS_ROTS = 1; // 1 a year
    private static final double CARRIED = 0.95; // of the waste that falls
    private static final double MOST_WASTE = 0.008; // kg/m²
    private static final int IN_TIME = 180; // days
    private static final double FAILS = 0.10; // of its start
    private static final double DECLINES = 0.50;

    public CrewYear {
        days = List.copyOf(days);
    }

    /**
     * At the start of a day (kg dry, counts in the order of the plan).
     *
     * @param carried waste that is eaten and rots on this day
     */
    public record Day(double litter, double waste, double frass, double carried, List<Double> counts) {
        public Day {
            counts = List.copyOf(counts);
        }
    }

    /** What becomes of a kind in the year. */
    public enum Verdict {
        HOLDS,
        DECLINES,
        FAILS
    }

    public static CrewYear of(CrewPlan plan) {
        List<Day> days = new ArrayList<>();
        State state = new State(plan);
        for (int day = 0; day <= DAYS; day++) {
            days.add(state.next());
        }
        return new CrewYear(plan, days);
    }

    /** The first day from which on waste is carried to the end of the year; empty where it is not. */
    public OptionalInt balance() {
        double falls = plan.waste() * (1 - plan.spot());
        int from = DAYS;
        while (from > 0 && isBalanced(days.get(from - 1), falls)) {
            from--;
        }
        return from < DAYS ? OptionalInt.of(from) : OptionalInt.empty();
    }

    private boolean isBalanced(Day day, double falls) {
        return day.carried() >= CARRIED * falls && day.waste() <= bears();
    }

    /** By kind, in the order of the plan. */
    public List<Verdict> verdicts() {
        List<Verdict> all = new ArrayList<>();
        for (int i = 0; i < plan.crew().size(); i++) {
            double left = days.get(DAYS).counts().get(i) / plan.crew().get(i).count();
            all.add(left < FAILS ? Verdict.FAILS : left < DECLINES ? Verdict.DECLINES : Verdict.HOLDS);
        }
        return all;
    }

    /** Waste that the floor bears to have lying on it (kg, dry). */
    public double bears() {
        return MOST_WASTE * plan.floor();
    }

    /** Most waste that lies on the floor on any day (kg). */
    public double mostWaste() {
        return days.stream().mapToDouble(Day::waste).max().orElseThrow();
    }

    /** Whether waste never lies thicker than a floor bears, even where it is not carried evenly. */
    public boolean staysThin() {
        return mostWaste() <= bears();
    }

    /** The least share, in tenths, that has to be taken out for waste to be carried within half a year; 1 where none is enough. */
    public static double spotCleaning(CrewPlan plan) {
        for (int tenths = 0; tenths < 10; tenths++) {
            CrewYear year = of(plan.withSpot(tenths / 10.0));
            OptionalInt balance = year.balance();
            if (balance.isPresent() && balance.getAsInt() <= IN_TIME && year.staysThin()) {
                return tenths / 10.0;
            }
        }
        return 1;
    }

    /** What changes from day to day. */
    private static final class State {
        private final CrewPlan plan;
        private final double[] lives;
        private final double[] ground;
        private final double[] counts;
        private final double leafRots;
        private final double wasteRots;
        private final double frassRots;
        private double litter;
        private double waste;
        private double frass;

        State(CrewPlan plan) {
            this.plan = plan;
            int n = plan.crew().size();
            lives = new double[n];
            ground = new double[n];
            counts = new double[n];
            for (int i = 0; i < n; i++) {
                CrewPlan.Group group = plan.crew().get(i);
                ground[i] = group.kind().ground(plan.wetness(), plan.pocket(), plan.refuge());
                lives[i] = group.kind().warmth(plan.celsius()) * ground[i];
                counts[i] = group.count();
            }
            leafRots = rate(plan.leafRate());
            wasteRots = rate(MICROBES);
            frassRots = rate(FRASS_ROTS);
            litter = plan.litter();
        }

        private double rate(double reference) {
            return LitterDecay.of(reference, plan.celsius(), plan.wetness()).rate() / YEAR;
        }

        /** What stands at the start of a day; goes on to the next. */
        Day next() {
            double wantLitter = 0;
            double wantWaste = 0;
            for (int i = 0; i < counts.length; i++) {
                CrewKind kind = plan.crew().get(i).kind();
                wantLitter += counts[i] * kind.litter() * lives[i];
                wantWaste += counts[i] * kind.waste() * lives[i];
            }
            double eatsLitter =
                    litter > 0 ? Math.min(litter, wantLitter * litter / (litter + LITTER_SCARCE * plan.floor())) : 0;
            double eatsWaste = waste > 0
                    ? Math.min(AT_A_TIME * waste, wantWaste * waste / (waste + WASTE_SCARCE * plan.floor()))
                    : 0;
            List<Double> now = new ArrayList<>();
            for (double c : counts) {
                now.add(c);
            }
            Day day = new Day(litter, waste, frass, eatsWaste + wasteRots * waste, now);
            double falls = plan.waste() * (1 - plan.spot());
            breed(falls);
            litter = Math.max(0, litter + plan.falls() - eatsLitter - leafRots * litter - plan.eaten());
            waste = Math.max(0, waste + falls - eatsWaste - wasteRots * waste);
            frass = Math.max(0, frass + TO_FRASS * (eatsLitter + eatsWaste) + plan.frass() - frassRots * frass);
            return day;
        }

        private void breed(double falls) {
            double food = (plan.falls() + falls + litter / LARDER) / counts.length;
            for (int i = 0; i < counts.length; i++) {
                CrewPlan.Group group = plan.crew().get(i);
                CrewKind kind = group.kind();
                double one = (kind.litter() + kind.waste()) * lives[i];
                double most = Math.max(
                        1e-9,
                        Math.min(kind.most() * plan.floor() * ground[i], one > 0 ? food / one : Double.MAX_VALUE));
                double rate = kind.growth() * lives[i];
                double born = Math.max(-MOST_DIE * counts[i], rate * counts[i] * (1 - counts[i] / most));
                born -= lives[i] == 0 ? IDLE_DIE * counts[i] : 0;
                double open = counts[i] * (1 - group.hidden());
                double taken = Math.min(
                        CAUGHT * open,
                        group.preyed() * plan.intake() / kind.mass() * open / (open + FOUND * plan.floor()));
                counts[i] = Math.max(0, counts[i] + born - taken);
            }
        }
    }
}
