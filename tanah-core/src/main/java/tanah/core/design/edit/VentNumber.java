package tanah.core.design.edit;

import java.util.Locale;
import java.util.OptionalDouble;
import tanah.core.design.Envelope;

/** The numbers of an opening in a side or in the lid (m; of {@code OPEN} a share, 0 to 1). */
public enum VentNumber implements EditNumber {
    Z(0, 4),
    HEIGHT(0.002, 4),
    FROM(0, 4),
    TO(0, 4),
    FRONT(0, 4),
    BACK(0, 4),
    OPEN(0, 1);

    private final Limits limits;

    VentNumber(double min, double max) {
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

    public OptionalDouble of(Envelope.Vent v) {
        return switch (this) {
            case Z -> v.z();
            case HEIGHT -> v.height();
            case FROM -> v.from();
            case TO -> v.to();
            case FRONT -> v.front();
            case BACK -> v.back();
            case OPEN -> v.open();
        };
    }

    /** An opening that is measured by its edges no longer has an area of its own. */
    Envelope.Vent set(Envelope.Vent v, OptionalDouble value) {
        Envelope.Vent measured = v.withArea(OptionalDouble.empty());
        return switch (this) {
            case Z -> v.withZ(value);
            case HEIGHT -> measured.withHeight(value);
            case FROM -> measured.withFrom(value);
            case TO -> measured.withTo(value);
            case FRONT -> measured.withFront(value);
            case BACK -> measured.withBack(value);
            case OPEN -> v.withOpen(value);
        };
    }
}
