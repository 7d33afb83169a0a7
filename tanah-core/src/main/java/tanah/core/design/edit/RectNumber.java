package tanah.core.design.edit;

import java.util.Locale;
import tanah.core.design.Device;

/** The edges of a mat on its face (m). */
public enum RectNumber {
    FROM,
    TO,
    LOW,
    HIGH;

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
