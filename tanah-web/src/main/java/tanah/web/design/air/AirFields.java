package tanah.web.design.air;

import java.util.List;
import tanah.core.design.Envelope;
import tanah.core.design.edit.AirNumber;
import tanah.core.design.edit.MistNumber;
import tanah.core.design.edit.NozzleNumber;
import tanah.core.design.edit.PaneNumber;
import tanah.core.design.edit.SheetNumber;
import tanah.core.design.edit.VentNumber;
import tanah.core.units.Unit;
import tanah.web.design.edit.NumberField;
import tanah.web.forms.Quantity;

/** The numbers of lid, openings, sheets, nozzles and mistings. */
final class AirFields {
    static final NumberField MESH =
            NumberField.of("lid-mesh", Quantity.Kind.SHARE, AirNumber.LID_MESH, Unit.PERCENT, true, 5);
    static final NumberField MESH_OPEN =
            NumberField.of("lid-open", Quantity.Kind.SHARE, AirNumber.LID_OPEN, Unit.PERCENT, false, 0);
    static final NumberField MESH_FREE =
            NumberField.of("lid-free", Quantity.Kind.SHARE, AirNumber.LID_FREE, Unit.PERCENT, false, 0);
    static final List<NumberField> LID = List.of(MESH, MESH_OPEN, MESH_FREE);

    static final NumberField VENT_Z = NumberField.length("vent-z", VentNumber.Z, 1);
    static final NumberField VENT_FROM = NumberField.length("vent-from", VentNumber.FROM, 1);
    static final NumberField VENT_TO = NumberField.length("vent-to", VentNumber.TO, 1);
    static final NumberField VENT_FRONT = NumberField.length("vent-front", VentNumber.FRONT, 1);
    static final NumberField VENT_BACK = NumberField.length("vent-back", VentNumber.BACK, 1);
    static final NumberField VENT_HEIGHT = NumberField.length("vent-height", VentNumber.HEIGHT, 0.5);
    static final NumberField VENT_OPEN =
            NumberField.of("vent-open", Quantity.Kind.SHARE, VentNumber.OPEN, Unit.PERCENT, false, 0);
    private static final List<NumberField> VENT_IN_SIDE = List.of(VENT_Z, VENT_HEIGHT, VENT_FROM, VENT_TO, VENT_OPEN);
    private static final List<NumberField> VENT_IN_LID = List.of(VENT_FROM, VENT_TO, VENT_FRONT, VENT_BACK, VENT_OPEN);

    static final NumberField SHEET_REFLECTS =
            NumberField.of("sheet-reflects", Quantity.Kind.SHARE, SheetNumber.REFLECTS, Unit.PERCENT, false, 0);
    static final NumberField SHEET_THICK = NumberField.length("sheet-thick", SheetNumber.THICK, 0.5);

    static final NumberField PANE_THICK =
            NumberField.plain("pane-thick", Unit.MILLIMETRE, PaneNumber.THICK).optional();
    static final NumberField PANE_REFLECTS =
            NumberField.of("pane-reflects", Quantity.Kind.SHARE, PaneNumber.REFLECTS, Unit.PERCENT, false, 0);
    static final List<NumberField> PANE = List.of(PANE_THICK, PANE_REFLECTS);

    static final NumberField NOZZLE_X = NumberField.length("nozzle-x", NozzleNumber.X, 1);
    static final NumberField NOZZLE_Y = NumberField.length("nozzle-y", NozzleNumber.Y, 1);
    static final NumberField NOZZLE_Z = NumberField.length("nozzle-z", NozzleNumber.Z, 1);
    static final NumberField NOZZLE_FLOW = NumberField.plain(
                    "nozzle-flow", Unit.MILLILITRE_PER_MINUTE, NozzleNumber.FLOW)
            .optional();
    static final List<NumberField> NOZZLE = List.of(NOZZLE_X, NOZZLE_Y, NOZZLE_Z, NOZZLE_FLOW);

    static final NumberField EVENT_HOUR =
            NumberField.plain("event-hour", Unit.HOUR, MistNumber.HOUR).required();
    static final NumberField EVENT_SECONDS =
            NumberField.plain("event-seconds", Unit.COUNT, MistNumber.SECONDS).required();
    static final List<NumberField> EVENT = List.of(EVENT_HOUR, EVENT_SECONDS);

    static final NumberField FAN_SPEED = NumberField.plain("fan-speed", Unit.CENTIMETRE_PER_SECOND, AirNumber.FAN_SPEED)
            .optional();
    static final NumberField EXCHANGE = NumberField.plain(
                    "fan-exchange", Unit.CUBIC_METRE_PER_HOUR, AirNumber.FAN_EXCHANGE)
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

    /** The number of a pane that a field shows. */
    static PaneNumber pane(NumberField field) {
        return field.among(PaneNumber.class, "pane-");
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
