package tanah.core.water;

/**
 * The harmful share of ammonia. K. Emerson, R. C. Russo, R. E. Lund, R. V. Thurston, "Aqueous ammonia equilibrium
 * calculations", J. Fish. Res. Board Can. 32 (1975) 2379–2383.
 */
public final class Ammonia {
    /** Un-ionised ammonia that is taken for safe (kg N/m³), common practice 0.02 mg N/l. */
    public static final double SAFE = 0.02e-3;

    /** Un-ionised ammonia above which nothing may live in the water (kg N/m³), common practice 0.05 mg N/l. */
    public static final double HARMFUL = 0.05e-3;

    private Ammonia() {}

    /**
     * Un-ionised share of total ammonia, 0 to 1.
     *
     * @param celsius water, 0 to 40
     * @param ph 3 to 11
     */
    public static double unionisedShare(double celsius, double ph) {
        double pka = 0.09018 + 2729.92 / (273.2 + celsius);
        return 1 / (Math.pow(10, pka - ph) + 1);
    }
}
