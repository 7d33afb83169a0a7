package tanah.core.plantplan;

import java.time.Duration;
import java.util.Optional;

/** Finds the best filling of a plan. The same problem gives the same plan where the search ends before its time does. */
public interface PlanSolver {
    /**
     * @param limit longest that it may take
     * @param watch told of each better plan, asked whether to go on
     */
    Solved solve(PlanProblem problem, Duration limit, Watch watch);

    /** Who looks on. */
    interface Watch {
        /** Nobody looks on. */
        Watch NOBODY = new Watch() {
            @Override
            public void better(double value, double bound) {}

            @Override
            public boolean isStopped() {
                return false;
            }
        };

        /**
         * A better plan was found.
         *
         * @param value what it is worth
         * @param bound what no plan can be worth more than
         */
        void better(double value, double bound);

        boolean isStopped();
    }

    /** How a search ended. */
    enum End {
        /** Nothing is better. */
        BEST,
        /** Time or keeper ended it with a plan in hand. */
        SO_FAR,
        /** No plan keeps all that is forbidden. */
        NONE,
        /** Time or keeper ended it before a plan was found. */
        UNKNOWN
    }

    /**
     * @param plan  the best that was found
     * @param bound what no plan can be worth more than
     */
    record Solved(End end, Optional<PlantChoice> plan, double bound) {
        /** By how much it may fall short of the best, as a share of what it is worth. */
        public double gap(PlanProblem problem) {
            double value = plan.map(p -> new PlanValue(problem, p).total()).orElse(0.0);
            return end == End.BEST ? 0 : Math.max(0, bound - value) / Math.max(1, Math.abs(value));
        }
    }
}
