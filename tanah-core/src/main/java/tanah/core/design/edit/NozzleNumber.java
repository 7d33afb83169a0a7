package tanah.core.design.edit;

import java.util.Locale;
import java.util.OptionalDouble;
import tanah.core.design.AirPlan;

/** The numbers of a nozzle (m; of {@code FLOW} m³/s, empty: its item's). */
public enum NozzleNumber {
    X,
    Y,
    Z,
    FLOW;

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
