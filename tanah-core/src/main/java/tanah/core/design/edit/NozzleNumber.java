package tanah.core.design.edit;

import java.util.Locale;
import java.util.OptionalDouble;
import tanah.core.design.AirPlan;

/** The numbers of a nozzle (m; of {@code FLOW} m³/s, empty: its item's). */
public enum NozzleNumber implements EditNumber {
    X(0, 4),
    Y(0, 4),
    Z(0, 4),
    FLOW(0, 2000 * 1e-6 / 60);

    private final Limits limits;

    NozzleNumber(double min, double max) {
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

    public OptionalDouble of(AirPlan.Nozzle n) {
        return switch (this) {
            case X -> n.at().x();
            case Y -> n.at().y();
            case Z -> n.at().z();
            case FLOW -> n.flow();
        };
    }

    AirPlan.Nozzle set(AirPlan.Nozzle n, OptionalDouble v) {
        return switch (this) {
            case X -> n.withAt(n.at().withX(v));
            case Y -> n.withAt(n.at().withY(v));
            case Z -> n.withAt(n.at().withZ(v));
            case FLOW -> n.withFlow(v);
        };
    }
}
