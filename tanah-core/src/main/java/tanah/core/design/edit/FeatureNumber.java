package tanah.core.design.edit;

import java.util.Locale;
import java.util.OptionalDouble;
import tanah.core.design.WaterFeature;

/** The numbers of running water, in SI; each may be left out. */
public enum FeatureNumber {
    /** Wanted (m³/s). */
    FLOW,
    /** Of the bed, the film or the lip (m). */
    WIDTH,
    /** Of the bed (m). */
    LENGTH,
    /** Height of the outlet over the inner base (m). */
    BAR,
    /** Fall of the bed over its length. */
    SLOPE;

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
