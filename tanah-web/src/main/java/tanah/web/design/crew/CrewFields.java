package tanah.web.design.crew;

import java.util.List;
import java.util.Optional;
import tanah.core.design.edit.CrewNumber;
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
    static final List<NumberField> ALL = List.of(COUNT, CULTURES, HIDDEN, WEEK);

    private CrewFields() {}

    static Optional<NumberField> of(String op) {
        return NumberField.named(op, ALL);
    }

    /** The number of the core that a field shows. */
    static CrewNumber number(NumberField field) {
        return field.among(CrewNumber.class, "crew-");
    }
}
