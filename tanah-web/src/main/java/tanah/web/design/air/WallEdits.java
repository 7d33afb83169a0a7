package tanah.web.design.air;

import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.design.Design;
import tanah.core.design.Envelope;
import tanah.core.design.edit.WallEdit;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.edit.Edits;
import tanah.web.design.edit.NumberEdit;
import tanah.web.design.edit.NumberField;
import tanah.web.forms.FieldErrors;
import tanah.web.shell.Words;

/** Reads one edit of an opening or a sheet on a wall. */
@Component
class WallEdits {
    private final NumberEdit numbers;
    private final Edits edits;
    private final Words words;

    WallEdits(NumberEdit numbers, Edits edits, Words words) {
        this.numbers = numbers;
        this.edits = edits;
        this.words = words;
    }

    EditOutcome addVent(Design design, String face, FieldErrors errors) {
        Optional<Envelope.Face> side = AirEdits.face(face).filter(WallEdit.OPENABLE::contains);
        if (side.isEmpty()) {
            return refused(design, errors);
        }
        return edits.attempt(new WallEdit.AddVent(side.get()), design, errors, "add")
                .map(made -> {
                    var vents = made.vessel().orElseThrow().envelope().vents();
                    return laid(made, vents.get(vents.size() - 1).id(), "part.vent", face);
                })
                .orElseGet(() -> EditOutcome.none(design, AirEdits.LID));
    }

    EditOutcome addSheet(Design design, String face, FieldErrors errors) {
        Optional<Envelope.Face> side = AirEdits.face(face);
        if (side.isEmpty()) {
            return refused(design, errors);
        }
        return edits.attempt(new WallEdit.AddSheet(side.get()), design, errors, "add")
                .map(made -> {
                    var sheets = made.vessel().orElseThrow().envelope().insulation();
                    return laid(made, sheets.get(sheets.size() - 1).id(), "part.sheet", face);
                })
                .orElseGet(() -> EditOutcome.none(design, AirEdits.LID));
    }

    private static EditOutcome refused(Design design, FieldErrors errors) {
        errors.add("add", "error.choice");
        return EditOutcome.none(design, AirEdits.LID);
    }

    private EditOutcome laid(Design made, String id, String part, String face) {
        return new EditOutcome(made, words.of("edit.laid", words.of(part, words.of("face." + face))), id);
    }

    EditOutcome vent(Design design, Envelope.Vent v, EditForm form, FieldErrors errors) {
        String name = words.of("part.vent", words.of("face." + v.face().word()));
        Optional<NumberField> number = NumberField.named(form.opWord(), AirFields.vents(v.face()));
        if (number.isPresent()) {
            NumberField field = number.get();
            return numbers.typed(
                    design,
                    form,
                    field,
                    name,
                    AirFields.vent(field).of(v),
                    errors,
                    value -> new WallEdit.SetVent(v.id(), AirFields.vent(field), value));
        }
        if (form.opWord().equals("vent-remove") || form.opWord().equals("remove")) {
            return act(design, new WallEdit.RemoveVent(v.id()), words.of("edit.removed", name), AirEdits.LID);
        }
        return AirEdits.unknown(design, "error.edit.unknown", v.id(), errors);
    }

    EditOutcome sheet(Design design, Envelope.Insulation s, EditForm form, FieldErrors errors) {
        String name = words.of("part.sheet", words.of("face." + s.face().word()));
        String value = form.valueText();
        if (form.opWord().equals(AirFields.SHEET_THICK.op())) {
            return numbers.typed(
                    design,
                    form,
                    AirFields.SHEET_THICK,
                    name,
                    OptionalDouble.of(s.thickness()),
                    errors,
                    thick -> new WallEdit.ThickenSheet(s.id(), thick.orElseThrow()));
        }
        if (form.opWord().equals(AirFields.SHEET_REFLECTS.op())) {
            return numbers.typed(
                    design,
                    form,
                    AirFields.SHEET_REFLECTS,
                    name,
                    s.reflects(),
                    errors,
                    share -> new WallEdit.PaintSheet(s.id(), share));
        }
        return switch (form.opWord()) {
            case "sheet-material" ->
                WallEdit.SHEETS.contains(value)
                        ? act(
                                design,
                                new WallEdit.MakeSheetOf(s.id(), value),
                                name + ": " + words.of("sheet." + value),
                                s.id())
                        : AirEdits.unknown(design, "error.choice", s.id(), errors);
            case "sheet-inside" -> {
                boolean inside = value.equals("true");
                yield act(
                        design,
                        new WallEdit.TurnSheet(s.id(), inside),
                        name + ": " + words.of("sheet-inside." + inside),
                        s.id());
            }
            case "sheet-remove" ->
                act(design, new WallEdit.RemoveSheet(s.id()), words.of("edit.removed", name), AirEdits.LID);
            default -> AirEdits.unknown(design, "error.edit.unknown", s.id(), errors);
        };
    }

    private EditOutcome act(Design design, WallEdit edit, String summary, String part) {
        return new EditOutcome(edits.apply(edit, design), summary, part);
    }
}
