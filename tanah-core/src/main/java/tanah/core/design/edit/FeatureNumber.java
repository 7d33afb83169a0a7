package tanah.core.design.edit;

import java.util.Locale;
import java.util.OptionalDouble;
import tanah.core.design.WaterFeature;

/** The numbers of running water, in SI; each may be left out. */
public enum FeatureNumber implements EditNumber {
    /** Wanted (m³/s). */
    FLOW(0, 20 / 3600.0),
    /** Of the bed, the film or the lip (m). */
    WIDTH(0.002, 4),
    /** Of the bed (m). */
    LENGTH(0.01, 4),
    /** Height of the outlet over the inner base (m). */
    BAR(0, 4),
    /** Fall of the bed over its length. */
    SLOPE(0.001, 1);

    private final Limits limits;

    FeatureNumber(double min, double max) {
        limits = new Limits(min, max);
    }

    @Override
    public Limits limits() {
        return limits;
    }

    /** The word in forms and message keys. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public OptionalDouble of(WaterFeature f) {
        return switch (this) {
            case FLOW -> f.flow();
            case WIDTH -> f.width();
            case LENGTH -> f.length();
            case BAR -> f.bar();
            case SLOPE -> f.slope();
        };
    }

    WaterFeature set(WaterFeature f, OptionalDouble v) {
        return switch (this) {
            case FLOW -> f.withFlow(v);
            case WIDTH -> f.withWidth(v);
            case LENGTH -> f.withLength(v);
            case BAR -> f.withBar(v);
            case SLOPE -> f.withSlope(v);
        };
    }
}
