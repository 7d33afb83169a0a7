package tanah.web.design.air;

import java.util.List;
import tanah.core.design.Envelope;
import tanah.core.design.edit.AirNumber;
import tanah.core.design.edit.MistNumber;
import tanah.core.design.edit.NozzleNumber;
import tanah.core.design.edit.VentNumber;
import tanah.core.units.Unit;
import tanah.web.design.edit.NumberField;
import tanah.web.forms.Quantity;

/** The numbers of lid, openings, sheets, nozzles and mistings. */
final class AirFields {
    private static final double FAR = 4; // m

    static final NumberField MESH = new NumberField("lid-mesh", Quantity.Kind.SHARE, 1, 0, 1, Unit.PERCENT, true, 5);
    static final NumberField MESH_OPEN =
            new NumberField("lid-open", Quantity.Kind.SHARE, 1, 0.01, 1, Unit.PERCENT, false, 0);
    static final NumberField MESH_FREE =
            new NumberField("lid-free", Quantity.Kind.SHARE, 1, 0.05, 1, Unit.PERCENT, false, 0);
    static final List<NumberField> LID = List.of(MESH, MESH_OPEN, MESH_FREE);

    static final NumberField VENT_Z = NumberField.length("vent-z", 0, FAR, 1);
    static final NumberField VENT_FROM = NumberField.length("vent-from", 0, FAR, 1);
    static final NumberField VENT_TO = NumberField.length("vent-to", 0, FAR, 1);
    static final NumberField VENT_FRONT = NumberField.length("vent-front", 0, FAR, 1);
    static final NumberField VENT_BACK = NumberField.length("vent-back", 0, FAR, 1);
    static final NumberField VENT_HEIGHT = NumberField.length("vent-height", 0.002, FAR, 0.5);
    static final NumberField VENT_OPEN =
            new NumberField("vent-open", Quantity.Kind.SHARE, 1, 0, 1, Unit.PERCENT, false, 0);
    private static final List<NumberField> VENT_IN_SIDE = List.of(VENT_Z, VENT_HEIGHT, VENT_FROM, VENT_TO, VENT_OPEN);
    private static final List<NumberField> VENT_IN_LID = List.of(VENT_FROM, VENT_TO, VENT_FRONT, VENT_BACK, VENT_OPEN);

    static final NumberField SHEET_REFLECTS =
            new NumberField("sheet-reflects", Quantity.Kind.SHARE, 1, 0, 1, Unit.PERCENT, false, 0);
    static final NumberField SHEET_THICK = NumberField.length("sheet-thick", 0.001, 0.5, 0.5);

    static final NumberField NOZZLE_X = NumberField.length("nozzle-x", 0, FAR, 1);
    static final NumberField NOZZLE_Y = NumberField.length("nozzle-y", 0, FAR, 1);
    static final NumberField NOZZLE_Z = NumberField.length("nozzle-z", 0, FAR, 1);
    static final NumberField NOZZLE_FLOW = NumberField.plain(
                    "nozzle-flow", Unit.MILLILITRE_PER_MINUTE, 0, 2000 * 1e-6 / 60)
            .optional();
    static final List<NumberField> NOZZLE = List.of(NOZZLE_X, NOZZLE_Y, NOZZLE_Z, NOZZLE_FLOW);

    static final NumberField EVENT_HOUR =
            NumberField.plain("event-hour", Unit.HOUR, 0, 23.99 * 3600).required();
    static final NumberField EVENT_SECONDS =
            NumberField.plain("event-seconds", Unit.COUNT, 1, 3600).required();
    static final List<NumberField> EVENT = List.of(EVENT_HOUR, EVENT_SECONDS);

    static final NumberField FAN_SPEED =
            NumberField.plain("fan-speed", Unit.CENTIMETRE_PER_SECOND, 0, 2).optional();
    static final NumberField EXCHANGE = NumberField.plain("fan-exchange", Unit.CUBIC_METRE_PER_HOUR, 0, 500 / 3600.0)
            .optional();
    static final List<NumberField> FAN = List.of(FAN_SPEED, EXCHANGE);

    private AirFields() {}

    /** The number of the lid or of moved air that a field shows. */
    static AirNumber air(NumberField field) {
        return field.among(AirNumber.class, "");
    }

    /** The numbers of an opening, by the face that it is in. */
    static List<NumberField> vents(Envelope.Face face) {
        return face == Envelope.Face.LID ? VENT_IN_LID : VENT_IN_SIDE;
    }

    /** The number of an opening that a field shows. */
    static VentNumber vent(NumberField field) {
        return field.among(VentNumber.class, "vent-");
    }

    /** The number of a nozzle that a field shows. */
    static NozzleNumber nozzle(NumberField field) {
        return field.among(NozzleNumber.class, "nozzle-");
    }

    /** The number of a misting that a field shows. */
    static MistNumber misting(NumberField field) {
        return field.among(MistNumber.class, "event-");
    }
}
