package tanah.core.crew;

import java.util.OptionalDouble;

/**
 * How leaves and wood on the ground rot: at a rate in proportion to what lies there (Olson 1963, Ecology 44:322-331), faster in warmth,
 * slower in drought and under water. Rates of leaves, and what moves them, are from memory, a factor of 1.5 either way.
 *
 * @param rate 1 a year
 */
public record LitterDecay(double rate) {
    private static final double USUAL = 24; // °C
    private static final double TOO_HOT = 36; // °C
    private static final double DOUBLES = 10; // K
    private static final double YEAR = 365; // days
    private static final double[] WETNESS = {0.05, 0.5, 1.1, 1.6}; // water of the layer over its field capacity
    private static final double[] BY_WETNESS = {0, 1, 1, 0.4};

    /**
     * @param reference at 24 °C, moist, without large animals in it (1 a year)
     * @param wetness   water of the layer over its field capacity
     */
    public static LitterDecay of(double reference, double celsius, double wetness) {
        return new LitterDecay(reference * warmth(celsius) * wetness(wetness));
    }

    /** How much faster all rots than at 24 °C; 0 where it is too hot for what rots it. */
    static double warmth(double celsius) {
        double heat = celsius > TOO_HOT ? Math.max(0, 1 - (celsius - TOO_HOT) / DOUBLES) : 1;
        return Math.pow(2, (celsius - USUAL) / DOUBLES) * heat;
    }

    /** The same over a moist layer. */
    static double wetness(double wetness) {
        if (wetness <= WETNESS[0]) {
            return BY_WETNESS[0];
        }
        for (int i = 1; i < WETNESS.length; i++) {
            if (wetness <= WETNESS[i]) {
                double share = (wetness - WETNESS[i - 1]) / (WETNESS[i] - WETNESS[i - 1]);
                return BY_WETNESS[i - 1] + share * (BY_WETNESS[i] - BY_WETNESS[i - 1]);
            }
        }
        return BY_WETNESS[BY_WETNESS.length - 1];
    }

    /** Years until half of a change is done. */
    public double half() {
        return Math.log(2) / rate;
    }

    /** Years until nineteen twentieths of a change are done, as Olson rounds it. */
    public double nearlyAll() {
        return 3 / rate;
    }

    /** Years until all but a hundredth of a change is done, as Olson rounds it. */
    public double all() {
        return 5 / rate;
    }

    /** What lies there in the end where nothing eats it (kg), for what falls in a day (kg). */
    public double steady(double falls) {
        return falls * YEAR / rate;
    }

    /**
     * How long a layer lasts.
     *
     * @param here  kg
     * @param least that has to lie there (kg)
     * @param falls kg a day
     * @param eaten kg a day
     * @return days; empty where it never falls so low, 0 where it is there already
     */
    public OptionalDouble lasts(double here, double least, double falls, double eaten) {
        if (here <= least) {
            return OptionalDouble.of(0);
        }
        double daily = rate / YEAR;
        double gain = falls - eaten;
        if (daily <= 0) {
            return gain < 0 ? OptionalDouble.of((here - least) / -gain) : OptionalDouble.empty();
        }
        double end = gain / daily;
        return end >= least
                ? OptionalDouble.empty()
                : OptionalDouble.of(Math.log((here - end) / (least - end)) / daily);
    }
}
