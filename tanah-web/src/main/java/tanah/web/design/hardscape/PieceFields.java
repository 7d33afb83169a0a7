package tanah.web.design.hardscape;

import java.util.List;
import java.util.Optional;
import tanah.core.design.edit.PieceNumber;
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

    /** The number of the core that a field shows. */
    static PieceNumber number(NumberField field) {
        return field.among(PieceNumber.class, "");
    }
}
