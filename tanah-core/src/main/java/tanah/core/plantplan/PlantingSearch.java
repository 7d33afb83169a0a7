package tanah.core.plantplan;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Range;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.evaluate.Evaluator.Depth;
import tanah.core.finding.Finding;
import tanah.core.finding.Severity;
import tanah.core.planting.Cover;

/**
 * Solves the planting of a plan in one way and holds what was found against the whole climate: plants shade and dampen what they were
 * chosen by, so what would be stopped there is taken from the choices and the plan is solved again.
 */
public final class PlantingSearch {
    private static final int ROUNDS = 3;
    private static final double NEAREST = 10; // times that cover counts where what is wanted cannot be had
    private static final int[] MONTHS = {0, 3, 6, 12};
    private static final Duration SHORT = Duration.ofSeconds(5); // to learn whether there is any plan

    private final Design design;
    private final Evaluation before;
    private final Catalogue catalogue;
    private final PlanSolver solver;

    private PlantingSearch(Design design, Evaluation before, Catalogue catalogue, PlanSolver solver) {
        this.design = design;
        this.before = before;
        this.catalogue = catalogue;
        this.solver = solver;
    }

    /** Empty where the climate of the plan is not known: it has no animal, vessel or room. */
    public static Optional<PlantingSearch> of(Design design, Catalogue catalogue, PlanSolver solver) {
        Evaluation before = Evaluator.evaluate(design, catalogue, Depth.WHOLE);
        return before.planted().isPresent()
                ? Optional.of(new PlantingSearch(design, before, catalogue, solver))
                : Optional.empty();
    }

    /**
     * @param limit of one solution; there may be a few
     */
    public PlantingFound run(PlantingWay way, PlanWish wish, Duration limit, PlanSolver.Watch watch) {
        PlantingTask task = PlanBuilder.of(
                design,
                before.vessel().orElseThrow(),
                before.ground().orElseThrow(),
                before.planted().orElseThrow(),
                way.of(wish),
                catalogue);
        PlanSolver.Solved solved = solver.solve(task.problem(), limit, watch);
        List<PlantingFound.GiveUp> without =
                solved.end() == PlanSolver.End.NONE ? giveUp(task.problem(), watch) : List.of();
        if (without.contains(PlantingFound.GiveUp.COVER)) {
            // the nearest to the cover that is wanted is worth more than none
            without = List.of(PlantingFound.GiveUp.COVER);
            PlanProblem problem = task.problem();
            PlanWeights w = problem.weights();
            task = task.withProblem(
                    problem.withCover(new Range(0, 1)).withWeights(w.withRoom(NEAREST * Math.max(1, w.room()))));
            solved = solver.solve(task.problem(), limit, watch);
        }
        Set<PlanProblem.Choice> barred = new HashSet<>();
        for (int round = 0; round < ROUNDS && solved.plan().isPresent(); round++) {
            PlantChoice plan = solved.plan().get();
            Design filled = PlanFill.into(design, task, plan);
            Evaluation after = Evaluator.evaluate(filled, catalogue, Depth.WHOLE);
            List<Finding> brings = brings(after);
            Set<PlanProblem.Choice> bad = stopped(filled, task, plan, brings);
            if (bad.isEmpty() || round == ROUNDS - 1 || watch.isStopped() || !barred.addAll(bad)) {
                return new PlantingFound(
                        way,
                        solved.end(),
                        solved.gap(task.problem()),
                        Optional.of(filled),
                        Optional.of(new PlanReport(task, plan)),
                        task,
                        without,
                        brings,
                        cover(after));
            }
            task = task.withProblem(without(task.problem(), bad));
            solved = solver.solve(task.problem(), limit, watch);
        }
        return new PlantingFound(
                way, solved.end(), 0, Optional.empty(), Optional.empty(), task, without, List.of(), Map.of());
    }

    private List<Finding> brings(Evaluation after) {
        Set<String> had = stops(before).stream().map(PlantingSearch::key).collect(Collectors.toSet());
        return stops(after).stream().filter(f -> !had.contains(key(f))).toList();
    }

    private static Map<Integer, Double> cover(Evaluation e) {
        Map<Integer, Double> shares = new TreeMap<>();
        Cover cover = Cover.of(
                e.design(),
                e.vessel().orElseThrow(),
                e.ground().orElseThrow(),
                e.planted().orElseThrow());
        for (int month : MONTHS) {
            cover.share(month).ifPresent(v -> shares.put(month, v));
        }
        return shares;
    }

    private static List<Finding> stops(Evaluation e) {
        return e.findings().stream().filter(f -> f.severity() == Severity.STOP).toList();
    }

    private static String key(Finding f) {
        return f.rule().value() + " " + f.place();
    }

    /** New pieces at which the whole climate stops. */
    private static Set<PlanProblem.Choice> stopped(
            Design filled, PlantingTask task, PlantChoice plan, List<Finding> brings) {
        Set<String> parts = brings.stream().map(f -> f.place().part()).collect(Collectors.toSet());
        Set<PlanProblem.Choice> bad = new HashSet<>();
        filled.plants().stream()
                .filter(p -> parts.contains(p.id()))
                .forEach(p -> plan.choices().stream()
                        .filter(c -> !task.kept().containsKey(c.station()))
                        .filter(c -> {
                            PlanStation s = task.problem().stations().get(c.station());
                            return s.x() == p.x().orElse(-1) && s.y() == p.y().orElse(-1) && s.on() == p.medium();
                        })
                        .forEach(bad::add));
        return bad;
    }

    private static PlanProblem without(PlanProblem problem, Set<PlanProblem.Choice> bad) {
        List<List<PlanProblem.Place>> places = new ArrayList<>();
        for (int k = 0; k < problem.kinds().size(); k++) {
            List<PlanProblem.Place> row = new ArrayList<>(problem.places().get(k));
            for (PlanProblem.Choice c : bad) {
                if (c.kind() == k) {
                    row.set(c.station(), barred(row.get(c.station())));
                }
            }
            places.add(row);
        }
        return problem.withPlaces(places);
    }

    private static PlanProblem.Place barred(PlanProblem.Place place) {
        return new PlanProblem.Place(place.points(), Set.of(Bar.POOR), place.start(), place.year());
    }

    /** What, given up alone, would let a plan be found. */
    private List<PlantingFound.GiveUp> giveUp(PlanProblem problem, PlanSolver.Watch watch) {
        if (problem.choices().size() <= problem.fixed().size()) {
            return List.of(PlantingFound.GiveUp.KINDS);
        }
        List<PlantingFound.GiveUp> all = new ArrayList<>();
        if (problem.budget().isPresent() && can(problem.withBudget(OptionalDouble.empty()), watch)) {
            all.add(PlantingFound.GiveUp.BUDGET);
        }
        if (can(problem.withCover(new Range(0, 1)), watch)) {
            all.add(PlantingFound.GiveUp.COVER);
        }
        if (!problem.hides().isEmpty() && can(problem.withHides(List.of()), watch)) {
            all.add(PlantingFound.GiveUp.HIDES);
        }
        return all;
    }

    private boolean can(PlanProblem problem, PlanSolver.Watch watch) {
        return !watch.isStopped() && solver.solve(problem, SHORT, watch).plan().isPresent();
    }
}
