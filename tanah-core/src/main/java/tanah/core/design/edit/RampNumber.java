package tanah.core.design.edit;

import java.util.Locale;
import tanah.core.design.Ramp;

/** The numbers of a ramp (m): heights of its ends, its length along the slope and its width. */
public enum RampNumber implements EditNumber {
    FOOT(0, 2),
    TOP(0.01, 2),
    LENGTH(0.02, 3),
    WIDTH(0.01, 3);

    private final Limits limits;

    RampNumber(double min, double max) {
        limits = new Limits(min, max);
    }

    @Override
    public Limits limits() {
        return limits;
    }

    /** The word in forms and message keys. */
    public String word() {
        return "ramp-" + name().toLowerCase(Locale.ROOT);
    }

    public double of(Ramp ramp) {
        return switch (this) {
            case FOOT -> ramp.foot();
            case TOP -> ramp.top();
            case LENGTH -> ramp.length();
            case WIDTH -> ramp.width();
        };
    }

    /** Whether a ramp with the number would end no higher than it begins: it would lead nowhere. */
    public boolean leadsDown(Ramp ramp, double value) {
        return switch (this) {
            case TOP -> value <= ramp.foot();
            case FOOT -> value >= ramp.top();
            case LENGTH, WIDTH -> false;
        };
    }

    Ramp set(Ramp ramp, double value) {
        return switch (this) {
            case FOOT -> ramp.withFoot(value);
            case TOP -> ramp.withTop(value);
            case LENGTH -> ramp.withLength(value);
            case WIDTH -> ramp.withWidth(value);
        };
    }
}
