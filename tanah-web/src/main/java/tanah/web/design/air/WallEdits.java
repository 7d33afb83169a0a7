package tanah.web.design.air;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Component;
import tanah.core.design.Design;
import tanah.core.design.Envelope;
import tanah.core.design.Ids;
import tanah.core.vessel.Vessel;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.edit.NumberEdit;
import tanah.web.design.edit.NumberField;
import tanah.web.forms.FieldErrors;
import tanah.web.shell.Words;

/** Reads one edit of an opening or a sheet on a wall. */
@Component
class WallEdits {
    static final List<String> SHEETS = List.of("xps", "cork", "pu_foam", "pvc_foam", "plywood");

    private final NumberEdit numbers;
    private final Words words;

    WallEdits(NumberEdit numbers, Words words) {
        this.numbers = numbers;
        this.words = words;
    }

    EditOutcome addVent(Design design, String face, Vessel vessel, FieldErrors errors) {
        Optional<Envelope.Face> side =
                AirEdits.face(face).filter(f -> f != Envelope.Face.LID && f != Envelope.Face.BOTTOM);
        if (side.isEmpty()) {
            errors.add("add", "error.choice");
            return EditOutcome.none(design, AirEdits.LID);
        }
        boolean across = side.get() == Envelope.Face.FRONT || side.get() == Envelope.Face.BACK;
        String id = Ids.free(design, "vent-" + face);
        Envelope.Vent made = new Envelope.Vent(
                id,
                side.get(),
                OptionalDouble.of(vessel.height() / 2),
                OptionalDouble.of(0.02),
                OptionalDouble.of((across ? vessel.length() : vessel.width()) - 0.02),
                OptionalDouble.empty(),
                OptionalDouble.of(0.02),
                OptionalDouble.empty());
        return new EditOutcome(
                AirFields.withVents(design, v -> {
                    v.add(made);
                    return v;
                }),
                words.of("edit.laid", words.of("part.vent", words.of("face." + face))),
                id);
    }

    EditOutcome addSheet(Design design, String face, FieldErrors errors) {
        Optional<Envelope.Face> side = AirEdits.face(face);
        if (side.isEmpty()) {
            errors.add("add", "error.choice");
            return EditOutcome.none(design, AirEdits.LID);
        }
        String id = Ids.free(design, "sheet-" + face);
        Envelope.Insulation made = new Envelope.Insulation(id, side.get(), "xps", 0.02, Optional.of(false));
        return new EditOutcome(
                AirFields.withSheets(design, v -> {
                    v.add(made);
                    return v;
                }),
                words.of("edit.laid", words.of("part.sheet", words.of("face." + face))),
                id);
    }

    EditOutcome vent(Design design, Envelope.Vent v, EditForm form, FieldErrors errors) {
        String name = words.of("part.vent", words.of("face." + v.face().word()));
        Optional<NumberField> number = NumberField.named(form.opWord(), AirFields.VENT);
        if (number.isPresent()) {
            NumberField field = number.get();
            return numbers.typed(
                    design,
                    form,
                    field,
                    name,
                    AirFields.get(field, v),
                    errors,
                    value -> AirFields.withVents(
                            design, all -> AirEdits.replaced(all, v, AirFields.set(field, v, value))));
        }
        if (form.opWord().equals("vent-remove") || form.opWord().equals("remove")) {
            return new EditOutcome(
                    AirFields.withVents(
                            design,
                            all -> all.stream().filter(x -> !x.equals(v)).toList()),
                    words.of("edit.removed", name),
                    AirEdits.LID);
        }
        return AirEdits.unknown(design, "error.edit.unknown", v.id(), errors);
    }

    EditOutcome sheet(Design design, Envelope.Insulation s, EditForm form, FieldErrors errors) {
        String name = words.of("part.sheet", words.of("face." + s.face().word()));
        if (form.opWord().equals(AirFields.SHEET_THICK.op())) {
            return numbers.typed(
                    design,
                    form,
                    AirFields.SHEET_THICK,
                    name,
                    OptionalDouble.of(s.thickness()),
                    errors,
                    value -> AirFields.withSheets(
                            design,
                            all -> AirEdits.replaced(
                                    all,
                                    s,
                                    new Envelope.Insulation(
                                            s.id(), s.face(), s.material(), value.orElseThrow(), s.inside()))));
        }
        UnaryOperator<Envelope.Insulation> change;
        String said;
        switch (form.opWord()) {
            case "sheet-material" -> {
                if (!SHEETS.contains(form.valueText())) {
                    return AirEdits.unknown(design, "error.choice", s.id(), errors);
                }
                change = x -> new Envelope.Insulation(x.id(), x.face(), form.valueText(), x.thickness(), x.inside());
                said = words.of("sheet." + form.valueText());
            }
            case "sheet-inside" -> {
                boolean inside = form.valueText().equals("true");
                change = x ->
                        new Envelope.Insulation(x.id(), x.face(), x.material(), x.thickness(), Optional.of(inside));
                said = words.of("sheet-inside." + inside);
            }
            case "sheet-remove" -> {
                return new EditOutcome(
                        AirFields.withSheets(
                                design,
                                all -> all.stream().filter(x -> !x.equals(s)).toList()),
                        words.of("edit.removed", name),
                        AirEdits.LID);
            }
            default -> {
                return AirEdits.unknown(design, "error.edit.unknown", s.id(), errors);
            }
        }
        return new EditOutcome(
                AirFields.withSheets(design, all -> AirEdits.replaced(all, s, change.apply(s))),
                name + ": " + said,
                s.id());
    }
}
