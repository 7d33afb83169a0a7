package tanah.web.design.hardscape;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;
import tanah.core.design.PieceMove;
import tanah.core.units.Unit;
import tanah.web.design.edit.NumberField;
import tanah.web.forms.Quantity;

/** The numbers of a piece of hardscape: how each is read, where it stands in the piece, how it is set. */
final class PieceFields {
    static final double SMALLEST = 0.005; // m
    static final double LARGEST = 3; // m
    static final double HEAVIEST = 1000; // kg

    static final NumberField X = NumberField.length("x", 0, LARGEST, 0.5);
    static final NumberField Y = NumberField.length("y", 0, LARGEST, 0.5);
    static final NumberField BASE = NumberField.length("base", 0, LARGEST, 0.5);
    static final NumberField LENGTH = NumberField.length("length", SMALLEST, LARGEST, 0.5);
    static final NumberField WIDTH = NumberField.length("width", SMALLEST, LARGEST, 0.5);
    static final NumberField HEIGHT = NumberField.length("height", SMALLEST, LARGEST, 0.5);
    static final NumberField VOLUME = new NumberField("volume", Quantity.Kind.VOLUME, 1, 1e-6, 1, Unit.LITRE, false, 0);
    static final NumberField MASS =
            new NumberField("mass", Quantity.Kind.MASS, 1, 0.001, HEAVIEST, Unit.KILOGRAM, false, 0);
    static final NumberField PAD = NumberField.plain("pad", Unit.SQUARE_CENTIMETRE, 0, 1);
    static final NumberField ANCHOR =
            new NumberField("anchor", Quantity.Kind.MASS, 1, 0, HEAVIEST, Unit.KILOGRAM, false, 0);
    static final List<NumberField> ALL = List.of(X, Y, BASE, LENGTH, WIDTH, HEIGHT, VOLUME, MASS, PAD, ANCHOR);

    private PieceFields() {}

    static Optional<NumberField> of(String op) {
        return ALL.stream().filter(f -> f.op().equals(op)).findFirst();
    }

    static OptionalDouble get(NumberField field, HardscapeItem item) {
        PieceMove.Box box = PieceMove.box(item);
        return switch (field.op()) {
            case "x" -> OptionalDouble.of(box.left());
            case "y" -> OptionalDouble.of(box.front());
            case "base" -> OptionalDouble.of(item.base());
            case "length" -> OptionalDouble.of(box.length());
            case "width" -> OptionalDouble.of(box.width());
            case "height" -> OptionalDouble.of(item.height());
            case "volume" -> item.volume();
            case "mass" -> item.mass();
            case "pad" -> item.fixing().pad();
            default -> item.fixing().anchor();
        };
    }

    static HardscapeItem set(NumberField field, HardscapeItem item, OptionalDouble value) {
        PieceMove.Box box = PieceMove.box(item);
        double v = value.orElse(0);
        Fixing fixing = item.fixing();
        return switch (field.op()) {
            case "x" -> PieceMove.to(item, v, box.front(), item.base());
            case "y" -> PieceMove.to(item, box.left(), v, item.base());
            case "base" -> PieceMove.to(item, box.left(), box.front(), v);
            case "length" -> PieceMove.sized(item, v, box.width(), item.height());
            case "width" -> PieceMove.sized(item, box.length(), v, item.height());
            case "height" -> PieceMove.sized(item, box.length(), box.width(), v);
            case "volume" -> item.weighing(value, item.mass());
            case "mass" -> item.weighing(item.volume(), value);
            case "pad" -> item.fixed(fixing.withPad(value));
            default -> item.fixed(fixing.withAnchor(value));
        };
    }
}
