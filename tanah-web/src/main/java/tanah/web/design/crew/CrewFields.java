package tanah.web.design.crew;

import java.util.List;
import java.util.Optional;
import tanah.core.design.edit.CrewNumber;
import tanah.core.design.edit.RefugeNumber;
import tanah.core.units.Unit;
import tanah.web.design.edit.NumberField;
import tanah.web.forms.Quantity;

/** The numbers of a dose: how each is read. */
final class CrewFields {
    static final NumberField COUNT = NumberField.plain("crew-count", Unit.COUNT, CrewNumber.COUNT);
    static final NumberField CULTURES = NumberField.plain("crew-cultures", Unit.COUNT, CrewNumber.CULTURES);
    static final NumberField HIDDEN =
            NumberField.of("crew-hidden", Quantity.Kind.SHARE, CrewNumber.HIDDEN, Unit.PERCENT, false, 5);
    static final NumberField WEEK = NumberField.plain("crew-week", Unit.COUNT, CrewNumber.WEEK);
    static final NumberField SPOT =
            NumberField.of("spot", Quantity.Kind.SHARE, CrewNumber.HIDDEN, Unit.PERCENT, false, 10);
    static final List<NumberField> PLACE = List.of(
            NumberField.length("refuge-x", RefugeNumber.X, 1),
            NumberField.length("refuge-y", RefugeNumber.Y, 1),
            NumberField.length("refuge-length", RefugeNumber.LENGTH, 1),
            NumberField.length("refuge-width", RefugeNumber.WIDTH, 1),
            NumberField.of("refuge-wetness", Quantity.Kind.SHARE, RefugeNumber.WETNESS, Unit.PERCENT, false, 5));
    static final List<NumberField> ALL = List.of(COUNT, CULTURES, HIDDEN, WEEK);

    private CrewFields() {}

    static Optional<NumberField> of(String op) {
        return NumberField.named(op, ALL);
    }

    /** A number of a damp or dry place. */
    static Optional<NumberField> ofPlace(String op) {
        return NumberField.named(op, PLACE);
    }

    /** The number of the core that a field of a damp or dry place shows. */
    static RefugeNumber placeNumber(NumberField field) {
        return field.among(RefugeNumber.class, "refuge-");
    }

    /** The number of the core that a field shows. */
    static CrewNumber number(NumberField field) {
        return field.among(CrewNumber.class, "crew-");
    }
}
