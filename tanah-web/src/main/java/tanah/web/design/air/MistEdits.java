package tanah.web.design.air;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.MistGear;
import tanah.core.design.AirPlan;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.edit.MistEdit;
import tanah.core.vessel.Vessel;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.edit.Edits;
import tanah.web.design.edit.NumberEdit;
import tanah.web.design.edit.NumberField;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Quantity;
import tanah.web.shell.Words;

/** Reads one edit of nozzles, pump, tank or mistings. */
@Component
class MistEdits {
    private final Catalogues catalogues;
    private final NumberEdit numbers;
    private final Edits edits;
    private final Words words;

    MistEdits(Catalogues catalogues, NumberEdit numbers, Edits edits, Words words) {
        this.catalogues = catalogues;
        this.numbers = numbers;
        this.edits = edits;
        this.words = words;
    }

    EditOutcome addNozzle(Design design, String item, FieldErrors errors) {
        Optional<MistGear> gear = catalogues.of(design).findMistGear(item).filter(MistGear::sprays);
        if (gear.isEmpty()) {
            errors.add("add", "error.choice");
            return EditOutcome.none(design, AirEdits.LID);
        }
        return edits.attempt(new MistEdit.AddNozzle(item), design, errors, "add")
                .map(made -> {
                    List<AirPlan.Nozzle> all = MistEdit.mist(made).nozzles();
                    String id = all.get(all.size() - 1).id();
                    return new EditOutcome(
                            made, words.of("edit.laid", gear.get().name()), id);
                })
                .orElseGet(() -> EditOutcome.none(design, AirEdits.LID));
    }

    EditOutcome addEvent(Design design, FieldErrors errors) {
        AirPlan.Event next = MistEdit.AddMisting.next(design);
        return edits.attempt(new MistEdit.AddMisting(), design, errors, "add")
                .map(made -> new EditOutcome(
                        made,
                        words.of("edit.laid", words.of("part.event")),
                        AirEdits.EVENT + MistEdit.mist(made).events().lastIndexOf(next)))
                .orElseGet(() -> EditOutcome.none(design, AirEdits.LID));
    }

    EditOutcome nozzle(Design design, AirPlan.Nozzle n, EditForm form, FieldErrors errors) {
        Catalogue catalogue = catalogues.of(design);
        String name =
                n.item().flatMap(catalogue::findMistGear).map(MistGear::name).orElse(n.id());
        Optional<NumberField> number = NumberField.named(form.opWord(), AirFields.NOZZLE);
        if (number.isPresent()) {
            NumberField field =
                    within(number.get(), Boxes.resolve(design.vessel().orElseThrow(), catalogue));
            return numbers.typed(
                    design,
                    form,
                    field,
                    name,
                    AirFields.nozzle(field).of(n),
                    errors,
                    value -> new MistEdit.SetNozzle(n.id(), AirFields.nozzle(field), value));
        }
        return switch (form.opWord()) {
            case "move", "lift" -> moved(design, n, form, name, errors);
            case "nozzle-item" ->
                catalogue
                        .findMistGear(form.valueText())
                        .filter(MistGear::sprays)
                        .map(g -> act(design, new MistEdit.UseNozzle(n.id(), g.id()), name + " → " + g.name(), n.id()))
                        .orElseGet(() -> AirEdits.unknown(design, "error.choice", n.id(), errors));
            case "nozzle-remove", "remove" ->
                act(design, new MistEdit.RemoveNozzle(n.id()), words.of("edit.removed", name), AirEdits.MIST);
            default -> AirEdits.unknown(design, "error.edit.unknown", n.id(), errors);
        };
    }

    private static NumberField within(NumberField field, Vessel vessel) {
        return switch (AirFields.nozzle(field)) {
            case X -> field.upTo(vessel.length());
            case Y -> field.upTo(vessel.width());
            case Z -> field.upTo(vessel.height());
            case FLOW -> field;
        };
    }

    private EditOutcome moved(Design design, AirPlan.Nozzle n, EditForm form, String name, FieldErrors errors) {
        OptionalDouble x = Quantity.parse(form.valueText(), Quantity.Kind.LENGTH);
        OptionalDouble other = Quantity.parse(form.otherText(), Quantity.Kind.LENGTH);
        if (x.isEmpty() || other.isEmpty()) {
            return AirEdits.unknown(design, "error.edit.unknown", n.id(), errors);
        }
        Device.Spot along = n.at().withX(x);
        Device.Spot spot = form.opWord().equals("move") ? along.withY(other) : along.withZ(other);
        return act(design, new MistEdit.PlaceNozzle(n.id(), spot), words.of("edit.moved", name), n.id());
    }

    EditOutcome mist(Design design, EditForm form, FieldErrors errors) {
        Catalogue catalogue = catalogues.of(design);
        Optional<String> item = Optional.of(form.valueText()).filter(v -> !v.isEmpty());
        Optional<MistGear> gear = item.flatMap(catalogue::findMistGear);
        if (item.isPresent() && gear.isEmpty()) {
            return AirEdits.unknown(design, "error.choice", AirEdits.MIST, errors);
        }
        String name = gear.map(MistGear::name).orElseGet(() -> words.of("mist.none"));
        return switch (form.opWord()) {
            case "mist-pump" ->
                act(design, new MistEdit.UsePump(item), words.of("field.mist-pump") + ": " + name, AirEdits.MIST);
            case "mist-tank" ->
                act(design, new MistEdit.UseTank(item), words.of("field.mist-tank") + ": " + name, AirEdits.MIST);
            default -> AirEdits.unknown(design, "error.edit.unknown", AirEdits.MIST, errors);
        };
    }

    EditOutcome event(Design design, EditForm form, FieldErrors errors) {
        List<AirPlan.Event> events = MistEdit.mist(design).events();
        int index = form.partId().matches(AirEdits.EVENT + "\\d{1,3}")
                ? Integer.parseInt(form.partId().substring(AirEdits.EVENT.length()))
                : events.size();
        if (index >= events.size()) {
            return AirEdits.unknown(design, "error.part.gone", AirEdits.MIST, errors);
        }
        Optional<NumberField> number = NumberField.named(form.opWord(), AirFields.EVENT);
        if (number.isPresent()) {
            NumberField field = number.get();
            return numbers.typed(
                    design,
                    form,
                    field,
                    words.of("part.event"),
                    OptionalDouble.of(AirFields.misting(field).of(events.get(index))),
                    errors,
                    value -> new MistEdit.SetMisting(index, AirFields.misting(field), value.orElseThrow()));
        }
        return form.opWord().equals("event-remove")
                ? act(
                        design,
                        new MistEdit.RemoveMisting(index),
                        words.of("edit.removed", words.of("part.event")),
                        AirEdits.MIST)
                : AirEdits.unknown(design, "error.edit.unknown", AirEdits.MIST, errors);
    }

    private EditOutcome act(Design design, MistEdit edit, String summary, String part) {
        return new EditOutcome(edits.apply(edit, design), summary, part);
    }
}
