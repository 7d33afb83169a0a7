package tanah.web.design.hardscape;

import java.util.List;
import java.util.Optional;
import tanah.core.design.edit.PieceNumber;
import tanah.core.units.Unit;
import tanah.web.design.edit.NumberField;
import tanah.web.forms.Quantity;

/** The numbers of a piece of hardscape: how each is read, where it stands in the piece, how it is set. */
final class PieceFields {
    static final NumberField X = NumberField.length("x", PieceNumber.X, 0.5);
    static final NumberField Y = NumberField.length("y", PieceNumber.Y, 0.5);
    static final NumberField BASE = NumberField.length("base", PieceNumber.BASE, 0.5);
    static final NumberField LENGTH = NumberField.length("length", PieceNumber.LENGTH, 0.5);
    static final NumberField WIDTH = NumberField.length("width", PieceNumber.WIDTH, 0.5);
    static final NumberField HEIGHT = NumberField.length("height", PieceNumber.HEIGHT, 0.5);
    static final NumberField VOLUME =
            NumberField.of("volume", Quantity.Kind.VOLUME, PieceNumber.VOLUME, Unit.LITRE, false, 0);
    static final NumberField MASS =
            NumberField.of("mass", Quantity.Kind.MASS, PieceNumber.MASS, Unit.KILOGRAM, false, 0);
    static final NumberField PAD = NumberField.plain("pad", Unit.SQUARE_CENTIMETRE, PieceNumber.PAD);
    static final NumberField ANCHOR =
            NumberField.of("anchor", Quantity.Kind.MASS, PieceNumber.ANCHOR, Unit.KILOGRAM, false, 0);
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
