package tanah.web.design.air;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import tanah.core.design.AirPlan;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.VesselPlan;
import tanah.core.units.Unit;
import tanah.web.design.edit.NumberField;
import tanah.web.forms.Quantity;

/** The numbers of lid, openings, sheets, nozzles and mistings. */
final class AirFields {
    private static final double FAR = 4; // m

    static final NumberField MESH = new NumberField("lid-mesh", Quantity.Kind.SHARE, 1, 0, 1, Unit.PERCENT, true, 5);
    static final NumberField MESH_OPEN =
            new NumberField("lid-open", Quantity.Kind.SHARE, 1, 0.01, 1, Unit.PERCENT, false, 0);
    static final List<NumberField> LID = List.of(MESH, MESH_OPEN);

    static final NumberField VENT_Z = NumberField.length("vent-z", 0, FAR, 1);
    static final NumberField VENT_FROM = NumberField.length("vent-from", 0, FAR, 1);
    static final NumberField VENT_TO = NumberField.length("vent-to", 0, FAR, 1);
    static final NumberField VENT_HEIGHT = NumberField.length("vent-height", 0.002, FAR, 0.5);
    static final NumberField VENT_OPEN =
            new NumberField("vent-open", Quantity.Kind.SHARE, 1, 0, 1, Unit.PERCENT, false, 0);
    static final List<NumberField> VENT = List.of(VENT_Z, VENT_HEIGHT, VENT_FROM, VENT_TO, VENT_OPEN);

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

    static OptionalDouble get(NumberField field, VesselPlan.Lid lid) {
        return field.equals(MESH)
                ? OptionalDouble.of(lid.meshFraction().orElse(0))
                : lid.mesh().open();
    }

    static VesselPlan.Lid set(NumberField field, VesselPlan.Lid lid, OptionalDouble v) {
        return field.equals(MESH)
                ? lid.withMeshFraction(v.orElse(0))
                : lid.withMesh(new VesselPlan.Mesh(lid.mesh().side(), lid.mesh().item(), v));
    }

    static OptionalDouble get(NumberField field, Envelope.Vent v) {
        return switch (field.op()) {
            case "vent-z" -> v.z();
            case "vent-from" -> v.from();
            case "vent-to" -> v.to();
            case "vent-height" -> v.height();
            default -> v.open();
        };
    }

    static Envelope.Vent set(NumberField field, Envelope.Vent v, OptionalDouble to) {
        OptionalDouble none = OptionalDouble.empty();
        return switch (field.op()) {
            case "vent-z" -> new Envelope.Vent(v.id(), v.face(), to, v.from(), v.to(), v.area(), v.height(), v.open());
            // an opening that is measured by its edges no longer has an area of its own
            case "vent-from" -> new Envelope.Vent(v.id(), v.face(), v.z(), to, v.to(), none, v.height(), v.open());
            case "vent-to" -> new Envelope.Vent(v.id(), v.face(), v.z(), v.from(), to, none, v.height(), v.open());
            case "vent-height" -> new Envelope.Vent(v.id(), v.face(), v.z(), v.from(), v.to(), none, to, v.open());
            default -> new Envelope.Vent(v.id(), v.face(), v.z(), v.from(), v.to(), v.area(), v.height(), to);
        };
    }

    static OptionalDouble get(NumberField field, AirPlan.Nozzle n) {
        return switch (field.op()) {
            case "nozzle-x" -> n.at().x();
            case "nozzle-y" -> n.at().y();
            case "nozzle-z" -> n.at().z();
            default -> n.flow();
        };
    }

    static AirPlan.Nozzle set(NumberField field, AirPlan.Nozzle n, OptionalDouble v) {
        Device.Spot at = n.at();
        return switch (field.op()) {
            case "nozzle-x" -> new AirPlan.Nozzle(n.id(), n.item(), new Device.Spot(v, at.y(), at.z()), n.flow());
            case "nozzle-y" -> new AirPlan.Nozzle(n.id(), n.item(), new Device.Spot(at.x(), v, at.z()), n.flow());
            case "nozzle-z" -> new AirPlan.Nozzle(n.id(), n.item(), new Device.Spot(at.x(), at.y(), v), n.flow());
            default -> new AirPlan.Nozzle(n.id(), n.item(), at, v);
        };
    }

    static OptionalDouble get(NumberField field, AirPlan.Event event) {
        return OptionalDouble.of(field.equals(EVENT_HOUR) ? 3600 * event.hour() : event.seconds());
    }

    static AirPlan.Event set(NumberField field, AirPlan.Event event, double v) {
        return field.equals(EVENT_HOUR)
                ? new AirPlan.Event(v / 3600, event.seconds(), event.nozzles())
                : event.lasting(v);
    }

    static OptionalDouble get(NumberField field, AirPlan air) {
        return field.equals(FAN_SPEED) ? air.fanSpeed() : air.exchange();
    }

    static AirPlan set(NumberField field, AirPlan air, OptionalDouble v) {
        return field.equals(FAN_SPEED)
                ? new AirPlan(v, air.exchange(), air.mist())
                : new AirPlan(air.fanSpeed(), v, air.mist());
    }

    /** The mist of a design, or none. */
    static AirPlan.Mist mist(Design design) {
        return design.air().flatMap(AirPlan::mist).orElse(AirPlan.Mist.NONE);
    }

    static Design withMist(Design design, AirPlan.Mist mist) {
        return design.withAir(Optional.of(design.air().orElse(AirPlan.STILL).withMist(Optional.of(mist))));
    }

    static Design withVents(Design design, UnaryOperator<List<Envelope.Vent>> change) {
        VesselPlan v = design.vessel().orElseThrow();
        return design.withVessel(v.withEnvelope(
                v.envelope().withVents(change.apply(new ArrayList<>(v.envelope().vents())))));
    }

    static Design withSheets(Design design, UnaryOperator<List<Envelope.Insulation>> change) {
        VesselPlan v = design.vessel().orElseThrow();
        return design.withVessel(v.withEnvelope(v.envelope()
                .withInsulation(change.apply(new ArrayList<>(v.envelope().insulation())))));
    }
}
