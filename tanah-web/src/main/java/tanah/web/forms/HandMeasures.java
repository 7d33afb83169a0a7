package tanah.web.forms;

/** What a person without scales can measure; sizes are common practice, no source. */
public final class HandMeasures {
    private static final double CUP = 0.25e-3; // m³, a kitchen cup, leaves lying loose
    private static final double CULTURE = 1000; // springtails in a usual culture

    private HandMeasures() {}

    /** Cups of loose leaves. */
    public static String cups(double cubicMetres) {
        return Numbers.upTo(Math.max(1, cubicMetres / CUP), 0);
    }

    /** Usual cultures that so many springtails come in, one at least. */
    public static int cultures(double springtails) {
        return (int) Math.max(1, Math.ceil(springtails / CULTURE));
    }
}
