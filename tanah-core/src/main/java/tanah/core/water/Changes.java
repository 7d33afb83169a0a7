package tanah.core.water;

import java.util.OptionalDouble;

/** Water changes, and what is left in the water after many. Concentrations in kg/m³ (1 mg/l = 0.001). */
public final class Changes {
    /** Mass of nitrate per mass of its nitrogen (atomic weights). */
    public static final double NITRATE_PER_N = 62.0049 / 14.0067;

    /** Sodium thiosulfate pentahydrate per mass of chlorine; 2 × 248.18 / 70.906 (molar masses). */
    private static final double THIOSULFATE = 7.0;

    /** Ammonia nitrogen set free per mass of chlorine bound as chloramine; 14.007 / 70.906 (molar masses). */
    private static final double CHLORAMINE_N = 0.1975;

    private Changes() {}

    /** Share replaced when the water is drained first, then filled. */
    public static double drainThenFill(double dose, double volume) {
        return Math.min(1, dose / volume);
    }

    /** Share replaced when fresh water drips in and the same amount flows out, mixed all the while. */
    public static double continuous(double dose, double volume) {
        return 1 - Math.exp(-dose / volume);
    }

    /** Share replaced by several changes one after the other. */
    public static double repeated(double fraction, int times) {
        return 1 - Math.pow(1 - fraction, times);
    }

    /**
     * Steady nitrate under a schedule.
     *
     * @param load     nitrogen that becomes nitrate (kg N/s), 0 or more
     * @param volume   m³
     * @param fraction replaced at each change, 0 to 1 exclusive of 0
     * @param interval between changes (s)
     * @param tap      nitrate in the fresh water (kg/m³)
     */
    public static Nitrate nitrate(double load, double volume, double fraction, double interval, double tap) {
        double step = load * NITRATE_PER_N * interval / volume;
        double peak = tap + step / fraction;
        int settled = fraction >= 1 ? 1 : (int) Math.ceil(Math.log(0.1) / Math.log(1 - fraction));
        return new Nitrate(peak, peak - step, step, settled);
    }

    /**
     * @param peak    just before a change (kg/m³)
     * @param after   after the change (kg/m³); mixing with fresh water is part of the peak's balance
     * @param step    gained between two changes (kg/m³)
     * @param changes until nine tenths of the way to the steady state are gone
     */
    public record Nitrate(double peak, double after, double step, int changes) {

        /** Share to replace so that the peak stays at a target; empty if the fresh water alone is over it. */
        public OptionalDouble fractionFor(double target, double tap) {
            double room = target - tap;
            return room <= 0 ? OptionalDouble.empty() : OptionalDouble.of(Math.min(1, step / room));
        }
    }

    /** Thiosulfate pentahydrate that takes the chlorine out (kg). Chlorine kg/m³, volume m³. */
    public static double thiosulfate(double chlorine, double volume) {
        return THIOSULFATE * chlorine * volume;
    }

    /** Ammonia nitrogen left in the water when chloramine is broken (kg N/m³). */
    public static double ammoniaFromChloramine(double chlorine) {
        return CHLORAMINE_N * chlorine;
    }

    /** Share of tap water for a hardness between pure and tap; empty if no blend gives it. Same unit throughout. */
    public static OptionalDouble tapShare(double target, double tap, double pure) {
        double share = (target - pure) / (tap - pure);
        return share >= 0 && share <= 1 ? OptionalDouble.of(share) : OptionalDouble.empty();
    }
}
