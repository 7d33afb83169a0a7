package tanah.core.climate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;
import tanah.core.box.ClimateCase;
import tanah.core.box.Factors;
import tanah.core.box.Fixture;

/**
 * How far a steady prediction may be off: what each unknown multiplier does to it, and what the model itself does not
 * know. Bands hold nine times in ten.
 */
public final class Uncertainty {
    /** What the model may be off by itself, as a standard deviation (K). */
    public static final double SURFACE = 1.2;

    public static final double AIR = 0.6; // K
    public static final double HUMIDITY = 0.04; // share of saturation
    public static final double LIGHT = 0.15; // of the value

    /** Of the logarithm, by which each multiplier is moved. */
    public static final double STEP = 0.05;

    private static final double NINE_IN_TEN = 1.645;

    private final Variant plain;
    private final List<Variant> moved;

    /** An enclosure with its multipliers, and its places in a steady state. */
    public record Variant(ClimateModel model, Places places) {}

    /** An enclosure with one multiplier moved, and the memory in which it is followed; for one thread. */
    public static final class Moved {
        private final ClimateModel model;
        private @Nullable SteadyRounds rounds;

        private Moved(ClimateModel model) {
            this.model = model;
        }

        public ClimateModel model() {
            return model;
        }

        private Places follow(SteadyRounds.Start start) {
            SteadyRounds before = rounds;
            SteadyRounds now = before == null ? new SteadyRounds(model, start) : before.again(start);
            rounds = now;
            return now.follow();
        }
    }

    private Uncertainty(Variant plain, List<Variant> moved) {
        this.plain = plain;
        this.moved = List.copyOf(moved);
    }

    /** A steady state, and where each multiplier moves it. */
    public static Uncertainty of(
            ClimateCase enclosure, Factors at, ClimateCase.Outside outside, boolean lit, double tolerance) {
        ClimateModel model = ClimateModel.of(enclosure, at);
        SteadyState steady = model.steady(outside, lit, Optional.empty(), tolerance);
        return of(model, steady, moved(model), outside, lit);
    }

    /** The model with each multiplier moved by a step, in their order. */
    public static List<Moved> moved(ClimateModel model) {
        List<Moved> all = new ArrayList<>();
        for (int i = 0; i < Factors.COUNT; i++) {
            all.add(new Moved(model.with(model.factors().times(i, Math.exp(STEP)))));
        }
        return all;
    }

    /**
     * About a steady state that is known.
     *
     * @param moved from {@link #moved(ClimateModel)}
     */
    public static Uncertainty of(
            ClimateModel model, SteadyState steady, List<Moved> moved, ClimateCase.Outside outside, boolean lit) {
        List<Variant> variants = new ArrayList<>();
        for (int i = 0; i < moved.size(); i++) {
            Moved other = moved.get(i);
            Places places = touches(i, model, lit)
                    ? other.follow(other.model().start(outside, lit, Optional.of(steady)))
                    : steady.places();
            variants.add(new Variant(other.model(), places));
        }
        return new Uncertainty(new Variant(model, steady.places()), variants);
    }

    /** Whether a multiplier moves heat and vapour of a phase at all: UV never does, lamps and mesh only where a lamp may burn. */
    private static boolean touches(int factor, ClimateModel model, boolean lit) {
        ClimateCase c = model.enclosure();
        boolean burns = c.fixtures().stream()
                .anyMatch(
                        f -> f.part() instanceof Fixture.Lamp && f.availableIn(lit, c.lightsOn(), c.photoperiod()) > 0);
        return factor != Factors.UV && (burns || factor != Factors.LAMP && factor != Factors.MESH);
    }

    public Variant plain() {
        return plain;
    }

    /**
     * Half of the band of a number.
     *
     * @param own standard deviation of the model itself, in the unit of the number
     */
    public double half(ToDoubleFunction<Variant> number, double own) {
        double at = number.applyAsDouble(plain);
        double variance = own * own;
        for (int i = 0; i < moved.size(); i++) {
            double slope = (number.applyAsDouble(moved.get(i)) - at) / STEP;
            variance += slope * slope * Factors.prior(i) * Factors.prior(i);
        }
        return NINE_IN_TEN * Math.sqrt(variance);
    }
}
