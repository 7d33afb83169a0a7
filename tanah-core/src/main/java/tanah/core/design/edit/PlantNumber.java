package tanah.core.design.edit;

import java.util.Locale;
import java.util.OptionalDouble;
import tanah.core.design.PlantPiece;

/** The numbers of a plant, in SI. */
public enum PlantNumber implements EditNumber {
    /** Middle, from the left (m). */
    X(0, 3),
    /** Middle, from the front (m). */
    Y(0, 3),
    /** Foot over the inner base (m), or not given: the ground there. */
    Z(0, 3),
    /** Now (m), or not given: that of a young piece. */
    HEIGHT(0.002, 3),
    /** Now (m), or not given: that of a young piece. */
    SPREAD(0.005, 3),
    /** Of a carpet (m²), or not given. */
    AREA(0.0001, 9);

    private final Limits limits;

    PlantNumber(double min, double max) {
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

    public OptionalDouble of(PlantPiece plant) {
        return switch (this) {
            case X -> plant.x();
            case Y -> plant.y();
            case Z -> plant.z();
            case HEIGHT -> plant.size().height();
            case SPREAD -> plant.size().spread();
            case AREA -> plant.size().area();
        };
    }

    PlantPiece set(PlantPiece plant, OptionalDouble value) {
        return switch (this) {
            case X -> plant.withX(value);
            case Y -> plant.withY(value);
            case Z -> plant.withZ(value);
            case HEIGHT -> plant.withSize(plant.size().withHeight(value));
            case SPREAD -> plant.withSize(plant.size().withSpread(value));
            case AREA -> plant.withSize(plant.size().withArea(value));
        };
    }
}
