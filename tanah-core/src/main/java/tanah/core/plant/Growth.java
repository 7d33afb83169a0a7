package tanah.core.plant;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How a piece grows under glass: by the logistic curve (Verhulst 1838) through its start and its size after a year, slower where it is
 * not as it likes it, after the weeks in which it gets used to the box. Rates are common practice, no source.
 */
public final class Growth {
    private static final double LEAST = 0.25; // suitability at which it stops growing
    private static final double FULL = 0.9; // at which it grows as it can
    private static final double DIES_BACK = 0.35; // a month
    private static final double REPLACES = 2; // a month, of the leaves that it lost
    private static final double DIM = 0.5; // factor of light below which it stretches
    private static final double STRETCHES = 1.2;
    private static final double THINS = 0.8;
    private static final double DAYS = 30.4375; // of a month
    private static final double NEARLY_GROWN = 0.98;
    private static final double HARDLY_GROWS = 0.95;
    private static final double CUT_AT = 0.95; // of a limit
    private static final double CUT_TO = 0.6;
    private static final double LAST = 60; // months
    private static final double CLOSE = 0.001; // months

    private final Plant plant;
    private final double suitability;
    private final boolean dim;
    private final double lag;

    private Growth(Plant plant, double suitability, boolean dim) {
        this.plant = plant;
        this.suitability = suitability;
        this.dim = dim;
        this.lag = plant.acclimation().weeks() * 7 / DAYS;
    }

    /**
     * @param suitability of its place, 0 to 1
     * @param light       the factor of light there, 0 to 1
     */
    public static Growth of(Plant plant, double suitability, double light) {
        return new Growth(plant, suitability, suitability >= LEAST && light < DIM);
    }

    /** Share of its usual rate. */
    private double pace() {
        return Math.max(0, Math.min(1, (suitability - LEAST) / (FULL - LEAST)));
    }

    /** Height after some months (m). */
    public double height(double months) {
        return size(plant.height(), months) * (dim ? STRETCHES : 1);
    }

    /** Spread after some months (m). */
    public double spread(double months) {
        double loss = plant.acclimation().loss();
        double kept = 1;
        if (lag > 0) {
            kept = months < lag ? 1 - loss * months / lag : 1 - loss * Math.exp(-REPLACES * (months - lag));
        }
        return size(plant.spread(), months) * (dim ? THINS : 1) * kept;
    }

    private double size(Plant.Size size, double months) {
        double grown = Math.max(0, months - lag);
        double start = start(size);
        double left = (size.mature() - start) / start * Math.exp(-rate(size) * pace() * grown);
        return size.mature() / (1 + left) * (suitability < LEAST ? Math.exp(-DIES_BACK * grown) : 1);
    }

    private static double year(Plant.Size size) {
        return Math.min(size.year(), NEARLY_GROWN * size.mature());
    }

    private static double start(Plant.Size size) {
        return Math.min(size.start(), HARDLY_GROWS * year(size));
    }

    /** Of the logistic curve (1 a month). */
    private static double rate(Plant.Size size) {
        return time(start(size), year(size), size.mature()) / 12;
    }

    /** How far apart two sizes lie on the curve, for a rate of 1. */
    private static double time(double from, double to, double most) {
        return Math.log(to * (most - from) / (from * (most - to)));
    }

    /**
     * When a piece is cut back.
     *
     * @param first    month at which it nears the limit first
     * @param interval months from one cut to the next
     */
    public record Pruning(double first, double interval) {}

    /** When its height has to be kept under a limit (m); empty where it never gets there. */
    public Optional<Pruning> heightUnder(double limit) {
        return under(plant.height(), limit);
    }

    /** When its spread has to be kept under a limit (m); empty where it never gets there. */
    public Optional<Pruning> spreadUnder(double limit) {
        return under(plant.spread(), limit);
    }

    private Optional<Pruning> under(Plant.Size size, double limit) {
        double cut = CUT_AT * limit;
        double pace = rate(size) * pace();
        if (cut >= size.mature() || pace <= 0) {
            return Optional.empty();
        }
        double start = start(size);
        double first = start >= cut ? 0 : lag + time(start, cut, size.mature()) / pace;
        return Optional.of(new Pruning(first, time(CUT_TO * limit, cut, size.mature()) / pace));
    }

    /** The month in which two neighbours touch; empty where they do not within five years. */
    public static OptionalDouble touch(Growth one, Growth other, double distance) {
        if (reach(one, other, 0) >= distance) {
            return OptionalDouble.of(0);
        }
        if (reach(one, other, LAST) < distance) {
            return OptionalDouble.empty();
        }
        double before = 0;
        double after = LAST;
        while (after - before > CLOSE) {
            double middle = (before + after) / 2;
            if (reach(one, other, middle) >= distance) {
                after = middle;
            } else {
                before = middle;
            }
        }
        return OptionalDouble.of(after);
    }

    private static double reach(Growth one, Growth other, double months) {
        return (one.spread(months) + other.spread(months)) / 2;
    }
}
