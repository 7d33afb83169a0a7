package tanah.web.design.heat;

import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.LampModel;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.Guards;
import tanah.core.design.Probe;
import tanah.core.design.Schedule;
import tanah.core.design.edit.AddEdit;
import tanah.core.design.edit.DeviceEdit;
import tanah.core.design.edit.PlanEdit;
import tanah.core.equipment.LampProposal;
import tanah.core.mapping.Fittings;
import tanah.core.vessel.Vessel;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.edit.Edits;
import tanah.web.design.edit.NumberEdit;
import tanah.web.design.edit.NumberField;
import tanah.web.design.words.PartNames;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Quantity;
import tanah.web.shell.Words;

/** Reads one edit of a lamp, a mat or the lamps' day and applies it to a design. */
@Component
public class HeatEdits {
    /** The part that holds the hours of light. */
    public static final String DAY = "day";

    private final Catalogues catalogues;
    private final PartNames names;
    private final NumberEdit numbers;
    private final Words words;
    private final Edits edits;

    public HeatEdits(Catalogues catalogues, PartNames names, NumberEdit numbers, Words words, Edits edits) {
        this.edits = edits;
        this.catalogues = catalogues;
        this.names = names;
        this.numbers = numbers;
        this.words = words;
    }

    public EditOutcome apply(Design design, EditForm form, long keeper, FieldErrors errors) {
        Catalogue catalogue = catalogues.of(design);
        if (form.opWord().equals("add")) {
            return add(design, form.valueText(), catalogue, errors);
        }
        if (form.partId().equals(DAY)) {
            return day(design, form, errors);
        }
        Optional<Device> device = design.device(form.partId()).filter(d -> Fittings.isHeat(d, catalogue));
        if (device.isEmpty()) {
            errors.add("form", "error.part.gone");
            return EditOutcome.none(design, "");
        }
        return device(design, device.get(), form, catalogue, errors);
    }

    private EditOutcome add(Design design, String item, Catalogue catalogue, FieldErrors errors) {
        return edits.attempt(new AddEdit.AddLamp(item), design, errors, "add")
                .map(made -> {
                    String id = made.devices().get(made.devices().size() - 1).id();
                    return new EditOutcome(made, words.of("edit.laid", names.of(id, made, catalogue)), id);
                })
                .orElseGet(() -> EditOutcome.none(design, DAY));
    }

    private EditOutcome day(Design design, EditForm form, FieldErrors errors) {
        Optional<NumberField> number = NumberField.named(form.opWord(), HeatFields.DAY);
        if (number.isEmpty()) {
            errors.add("form", "error.edit.unknown");
            return EditOutcome.none(design, DAY);
        }
        NumberField field = number.get();
        return numbers.typed(
                design,
                form,
                field,
                words.of("part.day"),
                OptionalDouble.of(HeatFields.hour(field).of(design.heat())),
                errors,
                value -> new PlanEdit.SetDay(HeatFields.hour(field), value.orElseThrow()));
    }

    private EditOutcome device(Design design, Device d, EditForm form, Catalogue catalogue, FieldErrors errors) {
        String name = names.of(d.id(), design, catalogue);
        Optional<NumberField> number = NumberField.named(form.opWord(), HeatFields.ALL);
        if (number.isPresent()) {
            NumberField field = within(number.get(), design, catalogue);
            return numbers.typed(
                    design,
                    form,
                    field,
                    name,
                    HeatFields.get(field, d),
                    errors,
                    value -> edit(d, field, value, design, catalogue));
        }
        String value = form.valueText();
        return switch (form.opWord()) {
            case "lamp-item" -> item(design, d, value, name, catalogue, errors);
            case "lamp-lies" ->
                act(
                        design,
                        new DeviceEdit.LayTube(d.id(), !value.equals("y")),
                        name + ": " + words.of("lies." + (value.equals("y") ? "y" : "x")));
            case "lamp-schedule" -> schedule(design, d, value, name, errors);
            case "lamp-control" -> control(design, d, value, name, errors);
            case "lamp-probe" -> probe(design, d, value, name, errors);
            case "lamp-face" -> face(design, d, value, name, errors);
            case "lamp-guard" ->
                act(
                        design,
                        new DeviceEdit.SetGuard(
                                d.id(), value.equals("true") ? Optional.of(Guards.LAMP) : Optional.empty()),
                        words.of(value.equals("true") ? "edit.guarded" : "edit.unguarded", name));
            case "move", "lift" -> moved(design, d, form, name, errors);
            case "lamp-remove", "remove" ->
                act(design, new DeviceEdit.RemoveDevice(d.id()), words.of("edit.removed", name))
                        .selecting(DAY);
            default -> {
                errors.add("form", "error.edit.unknown");
                yield EditOutcome.none(design, d.id());
            }
        };
    }

    /** A mat gets a place of its own before one edge of it is moved. */
    private static DeviceEdit edit(
            Device d, NumberField field, OptionalDouble value, Design design, Catalogue catalogue) {
        if (!HeatFields.EDGES.contains(field)) {
            return new DeviceEdit.SetNumber(d.id(), HeatFields.number(field), value);
        }
        Device placed = d.laid().rect().isPresent() ? d : LampProposal.laid(d, design, catalogue);
        Device.Rect rect = placed.laid().rect().orElseThrow();
        return new DeviceEdit.LayOn(d.id(), HeatFields.edge(field).set(rect, value.orElseThrow()));
    }

    private static NumberField within(NumberField field, Design design, Catalogue catalogue) {
        if (design.vessel().isEmpty()) {
            return field;
        }
        Vessel vessel = Boxes.resolve(design.vessel().get(), catalogue);
        return switch (field.op()) {
            case "lamp-x" -> field.upTo(vessel.length());
            case "lamp-y" -> field.upTo(vessel.width());
            case "lamp-z" -> field.upTo(vessel.height() + LampProposal.HIGHEST);
            default -> field;
        };
    }

    private EditOutcome item(
            Design design, Device d, String item, String name, Catalogue catalogue, FieldErrors errors) {
        Optional<String> other = catalogue
                .findLamp(item)
                .filter(l -> catalogue.findLamp(d.item()).isPresent())
                .map(LampModel::name)
                .or(() -> catalogue
                        .findGear(item)
                        .filter(g -> Fittings.isMat(Device.of("x", item, Device.Spot.NOWHERE), catalogue)
                                && Fittings.isMat(d, catalogue))
                        .map(Gear::name));
        if (other.isEmpty()) {
            errors.add("lamp-item-" + d.id(), "error.choice");
            return EditOutcome.none(design, d.id());
        }
        return act(design, new DeviceEdit.SetDevice(d.id(), item), name + " → " + other.get());
    }

    private EditOutcome schedule(Design design, Device d, String value, String name, FieldErrors errors) {
        Optional<Schedule> schedule = switch (value) {
            case "day" -> Optional.of(Schedule.DAY);
            case "night" -> Optional.of(Schedule.NIGHT);
            case "always" -> Optional.of(Schedule.ALWAYS);
            case "clock" ->
                Optional.of(Schedule.clock(design.heat().start(), design.heat().hours()));
            default -> Optional.empty();
        };
        if (schedule.isEmpty()) {
            errors.add("lamp-schedule-" + d.id(), "error.choice");
            return EditOutcome.none(design, d.id());
        }
        return act(design, new DeviceEdit.Run(d.id(), schedule.get()), name + ": " + words.of("schedule." + value));
    }

    private EditOutcome control(Design design, Device d, String value, String name, FieldErrors errors) {
        if (!value.isEmpty() && !DeviceEdit.Control.KINDS.contains(value)) {
            errors.add("lamp-control-" + d.id(), "error.choice");
            return EditOutcome.none(design, d.id());
        }
        if (value.isEmpty()) {
            return act(design, new DeviceEdit.Uncontrol(d.id()), name + ": " + words.of("control.none"));
        }
        double set = d.thermostat()
                .map(Device.Thermostat::day)
                .orElse(OptionalDouble.empty())
                .orElse(DeviceEdit.Control.USUAL);
        return act(design, DeviceEdit.Control.ofKind(d.id(), value, set), name + ": " + words.of("control." + value));
    }

    private EditOutcome probe(Design design, Device d, String value, String name, FieldErrors errors) {
        Optional<Probe> probe = design.probe(value);
        if (probe.isEmpty() || d.thermostat().isEmpty()) {
            errors.add("lamp-probe-" + d.id(), "error.choice");
            return EditOutcome.none(design, d.id());
        }
        return act(
                design,
                new DeviceEdit.Feel(d.id(), value),
                name + ": " + probe.get().label());
    }

    private EditOutcome face(Design design, Device d, String value, String name, FieldErrors errors) {
        for (Envelope.Face face : Envelope.Face.values()) {
            if (face.word().equals(value) && face != Envelope.Face.LID) {
                return act(design, new DeviceEdit.LayMat(d.id(), face), name + ": " + words.of("face." + value));
            }
        }
        errors.add("lamp-face-" + d.id(), "error.choice");
        return EditOutcome.none(design, d.id());
    }

    /** Dragged in the plan or in the section; lamps may hang above the box. */
    private EditOutcome moved(Design design, Device d, EditForm form, String name, FieldErrors errors) {
        OptionalDouble x = Quantity.parse(form.valueText(), Quantity.Kind.LENGTH);
        OptionalDouble other = Quantity.parse(form.otherText(), Quantity.Kind.LENGTH);
        if (x.isEmpty() || other.isEmpty() || design.vessel().isEmpty()) {
            errors.add("form", "error.edit.unknown");
            return EditOutcome.none(design, d.id());
        }
        Device.Spot spot = form.opWord().equals("move")
                ? new Device.Spot(x, other, d.at().z())
                : new Device.Spot(x, d.at().y(), other);
        return act(design, new DeviceEdit.Place(d.id(), spot, LampProposal.HIGHEST), words.of("edit.moved", name));
    }

    private EditOutcome act(Design design, DeviceEdit edit, String summary) {
        Design changed = edits.apply(edit, design);
        return new EditOutcome(changed, summary, edit.device());
    }
}
