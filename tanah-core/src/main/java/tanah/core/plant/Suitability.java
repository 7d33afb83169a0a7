package tanah.core.plant;

import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * Whether a plant would live at a place: the scarcest of what nothing makes up for (Liebig 1840, the law of the minimum), tempered by
 * the weighted geometric mean of everything. Weights and limits are common practice, no source.
 *
 * @param score    0 to 1; 0 with any refusal; empty where nothing that decides is known
 * @param scarcest least of the firm factors
 * @param mean     weighted geometric mean of all factors
 * @param factors  of what is known, 0 to 1
 * @param refused  all that rules it out
 * @param unknown  criteria that the place says nothing about
 * @param unjudged refusals that the place says too little for
 */
public record Suitability(
        OptionalDouble score,
        OptionalDouble scarcest,
        OptionalDouble mean,
        Map<Criterion, Double> factors,
        Set<Refusal> refused,
        Set<Criterion> unknown,
        Set<Refusal> unjudged) {
    private static final double LEAST = 0.01; // of a factor in the mean, so that one of 0 does not hide the others

    /** In words. */
    public enum Grade {
        THRIVES(0.75),
        SUITS(0.5),
        MARGINAL(0.3),
        REFUSED(0);

        private final double from;

        Grade(double from) {
            this.from = from;
        }

        /** Of a score, 0 to 1. */
        public static Grade of(double score) {
            for (Grade g : values()) {
                if (score >= g.from) {
                    return g;
                }
            }
            return REFUSED;
        }
    }

    public Suitability {
        factors = Collections.unmodifiableMap(factors.isEmpty() ? Map.of() : new EnumMap<>(factors));
        refused = Collections.unmodifiableSet(refused);
        unknown = Collections.unmodifiableSet(unknown);
        unjudged = Collections.unmodifiableSet(unjudged);
    }

    public static Suitability of(Plant plant, Spot spot) {
        Map<Criterion, Double> factors = PlantNeeds.of(plant, spot);
        Set<Criterion> unknown = EnumSet.noneOf(Criterion.class);
        double weights = 0;
        double logs = 0;
        double scarcest = Double.POSITIVE_INFINITY;
        for (Criterion c : Criterion.values()) {
            Double factor = factors.get(c);
            if (factor == null) {
                if (PlantNeeds.isAsked(c, plant, spot)) {
                    unknown.add(c);
                }
                continue;
            }
            weights += c.weight();
            logs += c.weight() * Math.log(Math.max(LEAST, factor));
            scarcest = c.isFirm() ? Math.min(scarcest, factor) : scarcest;
        }
        Set<Refusal> refused = EnumSet.noneOf(Refusal.class);
        Set<Refusal> unjudged = EnumSet.noneOf(Refusal.class);
        Refusals.of(plant, spot).forEach((r, told) -> {
            if (told.isEmpty()) {
                unjudged.add(r);
            } else if (told.get()) {
                refused.add(r);
            }
        });
        OptionalDouble least = Double.isFinite(scarcest) ? OptionalDouble.of(scarcest) : OptionalDouble.empty();
        OptionalDouble mean = weights > 0 ? OptionalDouble.of(Math.exp(logs / weights)) : OptionalDouble.empty();
        OptionalDouble score = OptionalDouble.empty();
        if (!refused.isEmpty()) {
            score = OptionalDouble.of(0);
        } else if (least.isPresent() && mean.isPresent()) {
            score = OptionalDouble.of(Math.sqrt(least.getAsDouble() * mean.getAsDouble()));
        }
        return new Suitability(score, least, mean, factors, refused, unknown, unjudged);
    }

    /** Empty where nothing that decides is known. */
    public Optional<Grade> grade() {
        if (score.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(refused.isEmpty() ? Grade.of(score.getAsDouble()) : Grade.REFUSED);
    }

    /** What holds it back most; empty where all is as it likes it. */
    public Optional<Criterion> limiting() {
        Optional<Criterion> lowest = Optional.empty();
        double least = 1;
        for (Map.Entry<Criterion, Double> f : factors.entrySet()) {
            if (f.getValue() < least) {
                least = f.getValue();
                lowest = Optional.of(f.getKey());
            }
        }
        return lowest;
    }
}
