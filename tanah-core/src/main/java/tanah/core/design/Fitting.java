package tanah.core.design;

import java.util.Locale;
import java.util.Optional;

/** Parts of a water line with their loss coefficients K, of the speed head in the tube (from memory). */
public enum Fitting {
    ENTRANCE_SHARP(0.5),
    STRAINER(1.5),
    ELBOW_90(0.9),
    BEND_90(0.35),
    ELBOW_45(0.4),
    TEE_THROUGH(0.4),
    TEE_BRANCH(1.5),
    VALVE_BALL(0.1),
    VALVE_GATE(0.2),
    CHECK_VALVE(2.5),
    QUICK_COUPLER(1.2),
    EXIT(1.0),
    SPRAY_BAR(4.0);

    private final double loss;

    Fitting(double loss) {
        this.loss = loss;
    }

    public double loss() {
        return loss;
    }

    /** The name in documents. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<Fitting> of(String word) {
        for (Fitting fitting : values()) {
            if (fitting.word().equals(word)) {
                return Optional.of(fitting);
            }
        }
        return Optional.empty();
    }
}
