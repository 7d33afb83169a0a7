package tanah.core.design.edit;

import java.util.Locale;
import tanah.core.design.Device;

/** The edges of a mat on its face (m). */
public enum RectNumber implements EditNumber {
    FROM(0, 4),
    TO(0, 4),
    LOW(0, 4),
    HIGH(0, 4);

    private final Limits limits;

    RectNumber(double min, double max) {
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

    public double of(Device.Rect rect) {
        return switch (this) {
            case FROM -> rect.from();
            case TO -> rect.to();
            case LOW -> rect.low();
            case HIGH -> rect.high();
        };
    }

    public Device.Rect set(Device.Rect rect, double value) {
        return switch (this) {
            case FROM -> rect.withFrom(value);
            case TO -> rect.withTo(value);
            case LOW -> rect.withLow(value);
            case HIGH -> rect.withHigh(value);
        };
    }
}
