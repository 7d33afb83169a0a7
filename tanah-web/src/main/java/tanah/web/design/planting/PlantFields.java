package tanah.web.design.planting;

import java.util.List;
import java.util.Optional;
import tanah.core.design.edit.PlantNumber;
import tanah.core.units.Unit;
import tanah.web.design.edit.NumberField;

/** The numbers of a plant: how each is read. */
final class PlantFields {
    static final NumberField X = NumberField.length("x", PlantNumber.X, 0.5);
    static final NumberField Y = NumberField.length("y", PlantNumber.Y, 0.5);
    static final NumberField Z = NumberField.length("z", PlantNumber.Z, 0.5).optional();
    static final NumberField HEIGHT =
            NumberField.length("height", PlantNumber.HEIGHT, 1).optional();
    static final NumberField SPREAD =
            NumberField.length("spread", PlantNumber.SPREAD, 1).optional();
    static final NumberField AREA = NumberField.plain("area", Unit.SQUARE_CENTIMETRE, PlantNumber.AREA);
    static final List<NumberField> ALL = List.of(X, Y, Z, HEIGHT, SPREAD, AREA);

    private PlantFields() {}

    static Optional<NumberField> of(String op) {
        return NumberField.named(op, ALL);
    }

    /** The number of the core that a field shows. */
    static PlantNumber number(NumberField field) {
        return field.among(PlantNumber.class, "");
    }
}
