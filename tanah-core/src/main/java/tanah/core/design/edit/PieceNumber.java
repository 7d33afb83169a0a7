package tanah.core.design.edit;

import java.util.Locale;
import java.util.OptionalDouble;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;
import tanah.core.design.PieceMove;

/** The numbers of a piece of hardscape, in SI: where each stands and how it is set. */
public enum PieceNumber implements EditNumber {
    /** Left edge (m). */
    X(0, 3),
    /** Front edge (m). */
    Y(0, 3),
    /** Underside over the inner base (m). */
    BASE(0, 3),
    LENGTH(0.005, 3),
    WIDTH(0.005, 3),
    HEIGHT(0.005, 3),
    /** Measured by dunking (m³), or not given. */
    VOLUME(1e-6, 0.5),
    /** kg, or not given. */
    MASS(0.001, 1000),
    /** Area of the pad under it (m²). */
    PAD(0, 1),
    /** Stone that holds it down (kg). */
    ANCHOR(0, 1000);

    private final Limits limits;

    PieceNumber(double min, double max) {
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

    public OptionalDouble of(HardscapeItem item) {
        PieceMove.Box box = PieceMove.box(item);
        return switch (this) {
            case X -> OptionalDouble.of(box.left());
            case Y -> OptionalDouble.of(box.front());
            case BASE -> OptionalDouble.of(item.base());
            case LENGTH -> OptionalDouble.of(box.length());
            case WIDTH -> OptionalDouble.of(box.width());
            case HEIGHT -> OptionalDouble.of(item.height());
            case VOLUME -> item.volume();
            case MASS -> item.mass();
            case PAD -> item.fixing().pad();
            case ANCHOR -> item.fixing().anchor();
        };
    }

    /** The piece with the number; places and sizes have to be given. */
    HardscapeItem set(HardscapeItem item, OptionalDouble value) {
        PieceMove.Box box = PieceMove.box(item);
        Fixing fixing = item.fixing();
        return switch (this) {
            case X -> PieceMove.to(item, value.orElseThrow(), box.front(), item.base());
            case Y -> PieceMove.to(item, box.left(), value.orElseThrow(), item.base());
            case BASE -> PieceMove.to(item, box.left(), box.front(), value.orElseThrow());
            case LENGTH -> PieceMove.sized(item, value.orElseThrow(), box.width(), item.height());
            case WIDTH -> PieceMove.sized(item, box.length(), value.orElseThrow(), item.height());
            case HEIGHT -> PieceMove.sized(item, box.length(), box.width(), value.orElseThrow());
            case VOLUME -> item.weighing(value, item.mass());
            case MASS -> item.weighing(item.volume(), value);
            case PAD -> item.fixed(fixing.withPad(value));
            case ANCHOR -> item.fixed(fixing.withAnchor(value));
        };
    }
}
