package tanah.core.plantplan;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/** What a filled plan is worth, in points, by what counts; and its sums. Pure: solvers are held against it. */
public final class PlanValue {
    private static final double FULL = 90; // % of cover after a year from which more is a loss
    private static final int FEW = 5; // pieces under which a kind found again counts for nothing
    private static final double CM = 0.01;

    /** What counts. */
    public enum Term {
        FIT,
        VARIETY,
        NATIVE,
        HIDE,
        DAMP,
        TALL,
        EVEN,
        AGAIN,
        ROOM,
        FULL,
        PRICE
    }

    private final PlanProblem problem;
    private final PlantChoice choice;

    public PlanValue(PlanProblem problem, PlantChoice choice) {
        this.problem = problem;
        this.choice = choice;
    }

    public double total() {
        return terms().values().stream().mapToDouble(v -> v).sum();
    }

    /** Points won and lost, by term. */
    public Map<Term, Double> terms() {
        PlanWeights w = problem.weights();
        Map<Term, Double> all = new EnumMap<>(Term.class);
        all.put(Term.FIT, w.fit() * sum(this::points));
        all.put(Term.VARIETY, w.variety() * Math.min(problem.variety(), used()));
        all.put(
                Term.NATIVE,
                w.fromThere()
                        * kinds().filter(k -> problem.kinds().get(k).fromThere())
                                .count());
        all.put(Term.HIDE, w.hide() * sum(c -> isHiding(c) ? 1 : 0));
        all.put(Term.DAMP, w.damp() * sum(c -> isDamp(c) ? 1 : 0));
        all.put(Term.TALL, -w.tall() * sum(this::risesOver));
        all.put(
                Term.EVEN,
                -w.even()
                        * kinds().filter(k -> choice.count(k) == 2 || choice.count(k) == 4)
                                .count());
        all.put(Term.AGAIN, w.again() * (choice.kinds().size() < FEW ? 0 : again()));
        all.put(Term.ROOM, problem.area() <= 0 ? 0.0 : -w.room() * Math.abs(100 * (startCover() - problem.aim())));
        all.put(Term.FULL, -w.full() * Math.max(0, 100 * yearCover() - FULL));
        all.put(Term.PRICE, -w.price() * price());
        return Collections.unmodifiableMap(all);
    }

    private interface OfChoice {
        double value(PlanProblem.Choice choice);
    }

    private double sum(OfChoice of) {
        return choice.choices().stream().mapToDouble(of::value).sum();
    }

    private java.util.stream.IntStream kinds() {
        return choice.kinds().values().stream().mapToInt(k -> k).distinct().sorted();
    }

    private double points(PlanProblem.Choice c) {
        return problem.place(c.kind(), c.station()).points();
    }

    boolean isHiding(PlanProblem.Choice c) {
        return problem.kinds().get(c.kind()).hides()
                && problem.stations().get(c.station()).hide();
    }

    boolean isDamp(PlanProblem.Choice c) {
        return problem.kinds().get(c.kind()).holds()
                && problem.stations().get(c.station()).damp();
    }

    /** Centimetres by which a plant rises over what is wanted where it stands. */
    double risesOver(PlanProblem.Choice c) {
        double over = problem.kinds().get(c.kind()).height()
                - problem.stations().get(c.station()).low();
        return Math.max(0, over) / CM;
    }

    private long again() {
        return kinds().filter(k -> choice.kinds().entrySet().stream()
                                .filter(e -> e.getValue() == k)
                                .map(e -> problem.stations().get(e.getKey()).third())
                                .distinct()
                                .count()
                        >= 2)
                .count();
    }

    /** Kinds that are planted. */
    public int used() {
        return (int) kinds().count();
    }

    /** Share of the ground under young plants. */
    public double startCover() {
        return problem.area() <= 0
                ? 0
                : sum(c -> problem.place(c.kind(), c.station()).start()) / problem.area();
    }

    /** The same after a year, one beside the other: may be more than all. */
    public double yearCover() {
        return problem.area() <= 0
                ? 0
                : sum(c -> problem.place(c.kind(), c.station()).year()) / problem.area();
    }

    /** Pots of what is not there yet, reference currency units. */
    public double price() {
        return kinds().mapToDouble(k -> {
                    PlanKind.Pot pot = problem.kinds().get(k).pot();
                    return pot.count(bought(k)) * pot.price();
                })
                .sum();
    }

    /** Pots of what is not there yet. */
    public int pots() {
        return kinds().map(k -> problem.kinds().get(k).pot().count(bought(k))).sum();
    }

    /** Pieces of a kind that are not there yet. */
    public int bought(int kind) {
        return (int) choice.kinds().entrySet().stream()
                .filter(e -> e.getValue() == kind && !problem.fixed().containsKey(e.getKey()))
                .count();
    }

    /** Share of the open water under floating plants after a year. */
    public double afloat() {
        double area = sum(c -> problem.stations().get(c.station()).on() == tanah.core.plant.RootPlace.WATER_SURFACE
                ? problem.kinds().get(c.kind()).yearArea()
                : 0);
        return problem.water() <= 0 ? 0 : area / problem.water();
    }
}
