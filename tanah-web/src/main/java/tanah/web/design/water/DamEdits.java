package tanah.web.design.water;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.design.Boxes;
import tanah.core.design.Dam;
import tanah.core.design.Design;
import tanah.core.design.edit.DamEdit;
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

/** Reads one edit of the wall between land and water and applies it to a design. */
@Component
public class DamEdits {
    private final Catalogues catalogues;
    private final NumberEdit numbers;
    private final PartNames names;
    private final Words words;
    private final Edits edits;

    DamEdits(Catalogues catalogues, NumberEdit numbers, PartNames names, Words words, Edits edits) {
        this.edits = edits;
        this.catalogues = catalogues;
        this.numbers = numbers;
        this.names = names;
        this.words = words;
    }

    EditOutcome apply(Design design, Dam dam, EditForm form, FieldErrors errors) {
        String name = names.of(dam.id(), design, catalogues.of(design));
        Optional<NumberField> number = NumberField.named(form.opWord(), WaterFields.DAM);
        if (number.isPresent()) {
            NumberField field =
                    vessel(design).map(v -> bounded(number.get(), dam, v)).orElse(number.get());
            OptionalDouble value = field.read(form, errors);
            double v = value.orElse(0);
            return numbers.apply(
                    design,
                    form,
                    field,
                    name,
                    OptionalDouble.of(WaterFields.dam(field).of(dam)),
                    value,
                    errors,
                    () -> new DamEdit.SetNumber(dam.id(), WaterFields.dam(field), v));
        }
        Optional<DamEdit.Face> face = face(form);
        if (face.isPresent() || form.opWord().equals("dam-move")) {
            return dragged(design, dam, form, face, name, errors);
        }
        return switch (form.opWord()) {
            case "dam-kind" -> kind(design, dam, form, errors);
            case "dam-remove" ->
                new EditOutcome(
                        changed(design, new DamEdit.Remove(dam.id())), words.of("edit.removed", name), WaterEdits.BODY);
            case "dam-seal" -> {
                boolean sealed = form.valueText().equals("true") && dam.canSeal();
                yield new EditOutcome(
                        changed(design, new DamEdit.Make(dam.id(), dam.kind(), sealed)),
                        words.of(sealed ? "edit.sealed" : "edit.open", words.of("dam." + dam.kind())),
                        dam.id());
            }
            default -> {
                errors.add("form", "error.edit.unknown");
                yield EditOutcome.none(design, dam.id());
            }
        };
    }

    /** In the plan: the whole wall, or one of its faces. */
    private EditOutcome dragged(
            Design design, Dam dam, EditForm form, Optional<DamEdit.Face> face, String name, FieldErrors errors) {
        OptionalDouble value = Quantity.parse(form.valueText(), Quantity.Kind.LENGTH);
        OptionalDouble other = Quantity.parse(form.otherText(), Quantity.Kind.LENGTH);
        if (value.isEmpty() || vessel(design).isEmpty() || face.isEmpty() && other.isEmpty()) {
            errors.add("form", "error.edit.unknown");
            return EditOutcome.none(design, dam.id());
        }
        DamEdit edit = face.isPresent()
                ? new DamEdit.Reshape(dam.id(), face.get(), value.getAsDouble())
                : new DamEdit.Move(dam.id(), value.getAsDouble(), other.orElseThrow());
        String said = words.of(face.isPresent() ? "edit.reshaped" : "edit.moved", name);
        return new EditOutcome(changed(design, edit), said, dam.id());
    }

    private static Optional<DamEdit.Face> face(EditForm form) {
        return Arrays.stream(DamEdit.Face.values())
                .filter(f -> form.opWord().equals("dam-" + f.name().toLowerCase(Locale.ROOT)))
                .findFirst();
    }

    private static NumberField bounded(NumberField field, Dam dam, Vessel vessel) {
        double most = WaterFields.dam(field).most(dam, vessel);
        return Double.isFinite(most) ? field.upTo(most) : field;
    }

    private EditOutcome kind(Design design, Dam dam, EditForm form, FieldErrors errors) {
        String kind = form.valueText();
        if (!DamEdit.KINDS.contains(kind)) {
            errors.add("dam-kind-" + dam.id(), "error.choice");
            return EditOutcome.none(design, dam.id());
        }
        return new EditOutcome(
                changed(design, new DamEdit.Make(dam.id(), kind, dam.isWatertight())),
                words.of("dam." + dam.kind()) + " → " + words.of("dam." + kind),
                dam.id());
    }

    private Optional<Vessel> vessel(Design design) {
        return design.vessel().map(v -> Boxes.resolve(v, catalogues.of(design)));
    }

    private Design changed(Design design, DamEdit edit) {
        return edits.apply(edit, design);
    }
}
