package tanah.core.design.edit;

import java.util.Locale;
import tanah.core.design.Ramp;

/** The numbers of a ramp (m): heights of its ends, its length along the slope and its width. */
public enum RampNumber {
    FOOT,
    TOP,
    LENGTH,
    WIDTH;

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
