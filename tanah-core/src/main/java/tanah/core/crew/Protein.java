package tanah.core.crew;

import java.util.List;

/**
 * Whether a crew finds protein enough in what the animals leave; one that starves of it eats eggs and animals that moult. From memory.
 *
 * @param supply kg dry a day
 * @param demand kg dry a day
 * @param hunger largest among the crew, 0 to 3
 * @param weekly food rich in protein that makes up for it (kg dry a week)
 */
public record Protein(double supply, double demand, int hunger, double weekly) {
    private static final double[] OF_MASS = {0.001, 0.004, 0.008, 0.015}; // a day, by hunger
    private static final double IN_WASTE = 0.15;
    private static final double IN_EXTRA = 0.5;
    private static final double STARVED = 0.4;
    private static final int HUNGRY = 2;

    /** What it means. */
    public enum Level {
        OK,
        /** Feed what {@link Protein#weekly} says. */
        CAUTION,
        /** Not with eggs, moulting invertebrates, soft or very small animals. */
        STOP_IF_SOFT
    }

    /**
     * @param waste of the animals that stays (kg dry a day)
     * @param extra food rich in protein that is given (kg dry a day)
     */
    public static Protein of(List<CrewPlan.Group> crew, double waste, double extra) {
        double demand = crew.stream()
                .mapToDouble(g -> g.count() * g.kind().mass() * OF_MASS[g.kind().hunger()])
                .sum();
        int hunger = crew.stream().mapToInt(g -> g.kind().hunger()).max().orElse(0);
        double found = IN_WASTE * waste;
        return new Protein(found + IN_EXTRA * extra, demand, hunger, Math.max(0, 7 * (demand - found) / IN_EXTRA));
    }

    /** Of what it wants; infinite where it wants none. */
    public double ratio() {
        return demand > 0 ? supply / demand : Double.POSITIVE_INFINITY;
    }

    public Level level() {
        if (ratio() >= 1 || hunger < HUNGRY) {
            return Level.OK;
        }
        return ratio() >= STARVED ? Level.CAUTION : Level.STOP_IF_SOFT;
    }
}
