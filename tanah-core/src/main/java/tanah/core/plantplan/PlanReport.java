package tanah.core.plantplan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.PlantModel;
import tanah.core.plant.Criterion;
import tanah.core.plant.Growth;
import tanah.core.planting.PlantFit;

/** A filled plan explained: why each piece stands where it stands, what to watch, how large it is in a year; and what was not used. */
public final class PlanReport {
    private static final double YEAR = 12; // months
    private static final int WHY = 2;

    private final PlantingTask task;
    private final PlantChoice plan;
    private final PlanValue value;
    private final Map<Integer, Growth> grown = new HashMap<>();

    public PlanReport(PlantingTask task, PlantChoice plan) {
        this.task = task;
        this.plan = plan;
        this.value = new PlanValue(task.problem(), plan);
        plan.choices().forEach(c -> growth(c).ifPresent(g -> grown.put(c.station(), g)));
    }

    /**
     * A piece that is set.
     *
     * @param why    what speaks most for it there
     * @param watch  what holds it back most; empty where nothing does
     * @param score  0 to 1
     * @param height after a year (m)
     * @param spread after a year (m)
     * @param touch  months until it meets its next neighbour; empty: not within five years
     * @param beside kind of that neighbour
     */
    public record Piece(
            PlanStation station,
            PlantModel kind,
            List<PlanValue.Term> why,
            Optional<Criterion> watch,
            double score,
            double height,
            double spread,
            OptionalDouble touch,
            Optional<PlantModel> beside) {
        public Piece {
            why = List.copyOf(why);
        }
    }

    /**
     * A candidate that was not used.
     *
     * @param places at which it would live
     * @param points the best of them
     */
    public record Unused(PlantModel kind, int places, int points) {}

    public PlanValue value() {
        return value;
    }

    /** What is newly set, from the back to the front. */
    public List<Piece> pieces() {
        return plan.choices().stream()
                .filter(c -> !task.problem().fixed().containsKey(c.station()))
                .map(this::piece)
                .sorted(Comparator.comparingDouble((Piece p) -> -p.station().y())
                        .thenComparingDouble(p -> p.station().x()))
                .toList();
    }

    private Optional<Growth> growth(PlanProblem.Choice c) {
        return task.fits()
                .get(c.kind())
                .get(c.station())
                .filter(f -> f.score().isPresent())
                .flatMap(f -> task.models()
                        .get(c.kind())
                        .map(m -> Growth.of(
                                m.needs(),
                                f.score().getAsDouble(),
                                f.suitability().factors().getOrDefault(Criterion.LIGHT, 1.0))));
    }

    private Piece piece(PlanProblem.Choice c) {
        PlantModel kind = task.models().get(c.kind()).orElseThrow();
        PlantFit fit = task.fits().get(c.kind()).get(c.station()).orElseThrow();
        Optional<Growth> growth = Optional.ofNullable(grown.get(c.station()));
        Optional<Map.Entry<PlanProblem.Choice, Double>> next = neighbour(c);
        return new Piece(
                task.problem().stations().get(c.station()),
                kind,
                why(c),
                fit.suitability().limiting(),
                fit.score().orElse(0),
                growth.map(g -> g.height(YEAR)).orElse(kind.needs().height().start()),
                growth.map(g -> g.spread(YEAR)).orElse(kind.needs().spread().start()),
                next.map(n -> OptionalDouble.of(n.getValue())).orElse(OptionalDouble.empty()),
                next.flatMap(n -> task.models().get(n.getKey().kind())));
    }

    private List<PlanValue.Term> why(PlanProblem.Choice c) {
        PlanWeights w = task.problem().weights();
        Map<PlanValue.Term, Double> brings = new EnumMap<>(PlanValue.Term.class);
        brings.put(
                PlanValue.Term.FIT,
                w.fit() * task.problem().place(c.kind(), c.station()).points());
        int pieces = plan.count(c.kind());
        brings.put(PlanValue.Term.VARIETY, w.variety() / pieces);
        brings.put(
                PlanValue.Term.NATIVE, task.problem().kinds().get(c.kind()).fromThere() ? w.fromThere() / pieces : 0);
        brings.put(PlanValue.Term.HIDE, value.isHiding(c) ? w.hide() : 0);
        brings.put(PlanValue.Term.DAMP, value.isDamp(c) ? w.damp() : 0);
        return brings.entrySet().stream()
                .filter(e -> e.getValue() > 0)
                .sorted(Comparator.comparingDouble(e -> -e.getValue()))
                .limit(WHY)
                .map(Map.Entry::getKey)
                .toList();
    }

    private Optional<Map.Entry<PlanProblem.Choice, Double>> neighbour(PlanProblem.Choice c) {
        PlanStation at = task.problem().stations().get(c.station());
        Growth own = grown.get(c.station());
        Map<PlanProblem.Choice, Double> months = new HashMap<>();
        for (PlanProblem.Choice other : plan.choices()) {
            PlanStation there = task.problem().stations().get(other.station());
            Growth growth = grown.get(other.station());
            if (own != null && growth != null && other.station() != c.station() && at.isBeside(there)) {
                Growth.touch(own, growth, at.distance(there)).ifPresent(m -> months.put(other, m));
            }
        }
        return months.entrySet().stream()
                .min(Map.Entry.<PlanProblem.Choice, Double>comparingByValue()
                        .thenComparing(e -> e.getKey().station()));
    }

    /** Candidates that have no piece, the best first. */
    public List<Unused> unused() {
        List<Unused> all = new ArrayList<>();
        for (int k = 0; k < task.problem().kinds().size(); k++) {
            int kind = k;
            List<Integer> points = java.util.stream.IntStream.range(
                            0, task.problem().stations().size())
                    .filter(p -> task.problem().place(kind, p).isAllowed())
                    .filter(p -> !task.problem().fixed().containsKey(p))
                    .mapToObj(p -> task.problem().place(kind, p).points())
                    .toList();
            if (plan.count(k) == 0 && !points.isEmpty()) {
                task.models()
                        .get(k)
                        .ifPresent(m -> all.add(new Unused(
                                m,
                                points.size(),
                                points.stream().mapToInt(v -> v).max().orElse(0))));
            }
        }
        all.sort(Comparator.comparingInt(u -> -u.points()));
        return all;
    }
}
