package tanah.core.bioactive;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import tanah.core.bioactive.FloorTrial.Tried;
import tanah.core.catalogue.Catalogue;
import tanah.core.cleanup.Cleanup;
import tanah.core.design.Design;
import tanah.core.evaluate.Computed;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.finding.Finding;
import tanah.core.finding.Severity;

/**
 * Looks for the fewest changes of crew, damp or dry places and litter under which what the animals leave is carried by day 90 without
 * more than a fifth of it taken out by hand. Every plan that it offers was run through a year, with the climate that it makes itself.
 */
public final class BioactiveSearch {
    private static final int FURTHER = 2; // changes more that a sooner day is worth
    private static final double SOONER = 0.7; // of the days of the plan with the fewest changes
    private static final int RAISED = 8; // nearest drafts whose share taken out by hand is found

    private final Design design;
    private final Evaluation before;
    private final Catalogue catalogue;
    private final FloorTrial trial;

    private BioactiveSearch(Design design, Evaluation before, Catalogue catalogue) {
        this.design = design;
        this.before = before;
        this.catalogue = catalogue;
        this.trial = new FloorTrial(before.computed(), catalogue);
    }

    /** Empty where the climate of the plan is not known, or it was given up. */
    public static Optional<BioactiveFound> of(Design design, Catalogue catalogue, BooleanSupplier stop) {
        return before(design, catalogue, stop).flatMap(e -> new BioactiveSearch(design, e, catalogue).search(stop));
    }

    /** With its days, by which the floor is judged. */
    private static Optional<Evaluation> before(Design design, Catalogue catalogue, BooleanSupplier stop) {
        Evaluation plain = Evaluator.evaluate(design, catalogue);
        return Evaluator.forecast(plain, catalogue, Optional.empty())
                .map(f -> f.withDays(stop))
                .filter(f -> f.hasDays() && !stop.getAsBoolean())
                .map(f -> Evaluator.withForecast(plain, f, catalogue));
    }

    private Optional<BioactiveFound> search(BooleanSupplier stop) {
        Optional<Tried> now = trial.run(new FloorDraft(design, List.of()), before.computed());
        if (now.isEmpty() && FloorDrafts.litter(design, before.computed()).isEmpty()) {
            return Optional.of(found(BioactiveFound.State.NO_GROUND, List.of(), Optional.empty()));
        }
        if (now.filter(Tried::works).isPresent()) {
            return Optional.of(found(BioactiveFound.State.ALREADY, List.of(), now.map(BioactiveSearch::told)));
        }
        List<Tried> all = new ArrayList<>();
        FloorDrafts drafts = new FloorDrafts(before, catalogue, trial);
        for (FloorDrafts.Laid laid : drafts.grounds()) {
            List<Tried> here = new ArrayList<>();
            for (boolean heavy : new boolean[] {false, true}) {
                // more of them only where the usual number does not do by itself
                boolean wanted = here.stream()
                        .noneMatch(t -> t.works() && t.cleanup().plan().spot() == 0);
                for (FloorDraft d : wanted ? drafts.crews(laid, heavy) : List.<FloorDraft>of()) {
                    if (stop.getAsBoolean()) {
                        return Optional.empty();
                    }
                    trial.best(d, laid.computed()).ifPresent(here::add);
                }
            }
            all.addAll(here);
        }
        List<BioactiveFound.Way> ways = ways(all.stream().filter(Tried::works).toList());
        return Optional.of(
                ways.isEmpty()
                        ? found(BioactiveFound.State.NONE, List.of(), nearest(all))
                        : found(BioactiveFound.State.FOUND, ways, Optional.empty()));
    }

    private BioactiveFound found(
            BioactiveFound.State state, List<BioactiveFound.Way> ways, Optional<BioactiveFound.Nearest> nearest) {
        return new BioactiveFound(state, ways, nearest, trial.runs());
    }

    /** The one with the fewest changes that holds in its own climate, and one that is carried much sooner for a few more. */
    private List<BioactiveFound.Way> ways(List<Tried> good) {
        List<BioactiveFound.Way> ways = new ArrayList<>();
        Optional<BioactiveFound.Way> least = firstThatHolds(
                good.stream()
                        .sorted(Comparator.comparingInt((Tried t) -> t.draft().cost())
                                .thenComparingDouble(t -> t.cleanup().plan().spot())
                                .thenComparingDouble(Tried::day))
                        .toList(),
                false);
        least.ifPresent(ways::add);
        least.flatMap(l -> firstThatHolds(sooner(good, l), true)).ifPresent(ways::add);
        return ways;
    }

    private static List<Tried> sooner(List<Tried> good, BioactiveFound.Way least) {
        double most = SOONER * least.cleanup().balance().orElse(FloorTrial.BY_DAY);
        int cost = new FloorDraft(least.design(), least.changes()).cost() + FURTHER;
        return good.stream()
                .filter(t -> t.day() <= most && t.draft().cost() <= cost)
                .sorted(Comparator.comparingDouble(Tried::day)
                        .thenComparingInt(t -> t.draft().cost()))
                .toList();
    }

    private Optional<BioactiveFound.Way> firstThatHolds(List<Tried> sorted, boolean soonest) {
        return sorted.stream().limit(3).flatMap(t -> held(t, soonest).stream()).findFirst();
    }

    /** Held against its own climate where the ground was changed; empty where it does not work there. */
    private Optional<BioactiveFound.Way> held(Tried t, boolean soonest) {
        Design made = t.draft().design();
        Evaluation plain = Evaluator.evaluate(made, catalogue);
        boolean sameGround = made.ground().equals(design.ground());
        Optional<Evaluation> after = sameGround
                ? Optional.of(Evaluator.withForecast(plain, before.forecast().orElseThrow(), catalogue))
                : before(made, catalogue, () -> false);
        return after.filter(e -> e.cleanup()
                        .filter(c -> new Tried(t.draft(), c, t.against()).works())
                        .isPresent())
                .map(e -> new BioactiveFound.Way(
                        soonest, made, t.draft().changes(), e.cleanup().orElseThrow(), brings(e)));
    }

    private List<Finding> brings(Evaluation after) {
        Set<String> had = stops(before).stream().map(BioactiveSearch::key).collect(Collectors.toSet());
        return stops(after).stream().filter(f -> !had.contains(key(f))).toList();
    }

    private static List<Finding> stops(Evaluation e) {
        return e.findings().stream().filter(f -> f.severity() == Severity.STOP).toList();
    }

    private static String key(Finding f) {
        return f.rule().value() + " " + f.place().part();
    }

    /** Of those with the least against them the one from which the keeper has to take out least. */
    private Optional<BioactiveFound.Nearest> nearest(List<Tried> all) {
        return all.stream()
                .sorted(Comparator.comparingInt((Tried t) -> stopsAgainst(t))
                        .thenComparingInt(t -> t.against().size())
                        .thenComparingDouble(t -> t.cleanup().year().mostWaste())
                        .thenComparingInt(t -> t.draft().cost()))
                .limit(RAISED)
                .flatMap(t -> trial.run(t.draft().withoutSpot(), on(t)).stream())
                .min(Comparator.comparingInt((Tried t) -> stopsAgainst(t))
                        .thenComparingInt(t -> t.against().size())
                        .thenComparingDouble(t -> share(t.cleanup()))
                        .thenComparingInt(t -> t.draft().cost()))
                .map(BioactiveSearch::told);
    }

    private static BioactiveFound.Nearest told(Tried t) {
        return new BioactiveFound.Nearest(t.draft().changes(), t.cleanup(), t.against());
    }

    private Computed on(Tried t) {
        return t.draft().design().ground().equals(design.ground())
                ? before.computed()
                : Evaluator.compute(t.draft().design(), catalogue);
    }

    private static int stopsAgainst(Tried t) {
        return (int)
                t.against().stream().filter(f -> f.severity() == Severity.STOP).count();
    }

    private static double share(Cleanup c) {
        return c.balance().isPresent() ? c.plan().spot() : 1;
    }
}
