package tanah.core.plantplan;

import java.util.List;

/** Whether a filled plan keeps all that a problem forbids. */
public final class PlanCheck {
    private static final double CLOSE = 1e-9;

    private PlanCheck() {}

    public static boolean holds(PlanProblem problem, PlantChoice choice) {
        PlanValue value = new PlanValue(problem, choice);
        return isOpen(problem, choice)
                && isApart(problem, choice.choices())
                && value.price() <= problem.budget().orElse(Double.POSITIVE_INFINITY) + CLOSE
                && isCovered(problem, value)
                && isHidden(problem, choice)
                && stinging(problem, choice) <= Math.max(PlanProblem.STINGING, stingingKept(problem))
                && value.afloat() <= Math.max(1 - PlanProblem.OPEN_WATER, afloatKept(problem)) + CLOSE;
    }

    /** Without ground none is asked to be covered. */
    private static boolean isCovered(PlanProblem problem, PlanValue value) {
        double cover = value.startCover();
        return problem.area() <= 0
                || cover >= problem.cover().min() - CLOSE
                        && cover <= problem.cover().max() + CLOSE;
    }

    private static boolean isOpen(PlanProblem problem, PlantChoice choice) {
        boolean kept = problem.fixed().entrySet().stream()
                .allMatch(f -> choice.at(f.getKey()).orElse(-1) == f.getValue());
        return kept && choice.choices().stream().allMatch(c -> problem.isOpen(c.kind(), c.station()));
    }

    private static boolean isApart(PlanProblem problem, List<PlanProblem.Choice> all) {
        for (int i = 0; i < all.size(); i++) {
            for (int j = i + 1; j < all.size(); j++) {
                if (problem.excludes(all.get(i), all.get(j))) {
                    return false;
                }
            }
        }
        return true;
    }

    private static boolean isHidden(PlanProblem problem, PlantChoice choice) {
        return problem.hides().stream()
                .allMatch(h -> h.stations().stream()
                                .filter(p -> choice.at(p).isPresent()
                                        && problem.kinds()
                                                .get(choice.at(p).getAsInt())
                                                .hides())
                                .count()
                        >= h.pieces());
    }

    private static long stinging(PlanProblem problem, PlantChoice choice) {
        return choice.kinds().values().stream()
                .filter(k -> problem.kinds().get(k).stings())
                .count();
    }

    /** What stands already and is kept may be more than a plan would choose. */
    static long stingingKept(PlanProblem problem) {
        return stinging(problem, new PlantChoice(problem.fixed()));
    }

    static double afloatKept(PlanProblem problem) {
        return new PlanValue(problem, new PlantChoice(problem.fixed())).afloat();
    }
}
