package tanah.web.design.air;

import java.util.Optional;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.MeshModel;
import tanah.core.design.Design;
import tanah.core.design.edit.AirEdit;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.edit.Edits;
import tanah.web.design.edit.NumberEdit;
import tanah.web.design.edit.NumberField;
import tanah.web.forms.FieldErrors;
import tanah.web.shell.Words;

/** Reads one edit of the mesh in the lid, or of moved air. */
@Component
class LidEdits {
    private final Catalogues catalogues;
    private final NumberEdit numbers;
    private final Edits edits;
    private final Words words;

    LidEdits(Catalogues catalogues, NumberEdit numbers, Edits edits, Words words) {
        this.catalogues = catalogues;
        this.numbers = numbers;
        this.edits = edits;
        this.words = words;
    }

    EditOutcome lid(Design design, EditForm form, FieldErrors errors) {
        Optional<NumberField> number = NumberField.named(form.opWord(), AirFields.LID);
        if (number.isPresent()) {
            return number(design, form, number.get(), words.of("part.lid"), errors);
        }
        return switch (form.opWord()) {
            case "lid-side" ->
                AirEdits.face(form.valueText())
                        .map(f -> said(design, new AirEdit.LayMesh(f), words.of("face." + f.word())))
                        .orElseGet(() -> AirEdits.unknown(design, "error.choice", AirEdits.LID, errors));
            case "lid-material" ->
                AirEdit.LIDS.contains(form.valueText())
                        ? said(design, new AirEdit.CoverWith(form.valueText()), words.of("lid." + form.valueText()))
                        : AirEdits.unknown(design, "error.choice", AirEdits.LID, errors);
            case "lid-item" -> mesh(design, form.valueText(), errors);
            default -> AirEdits.unknown(design, "error.edit.unknown", AirEdits.LID, errors);
        };
    }

    private EditOutcome mesh(Design design, String item, FieldErrors errors) {
        Catalogue catalogue = catalogues.of(design);
        Optional<MeshModel> mesh = catalogue.findMesh(item);
        if (mesh.isEmpty() && !item.isEmpty()) {
            return AirEdits.unknown(design, "error.choice", AirEdits.LID, errors);
        }
        return said(
                design,
                new AirEdit.UseMesh(mesh.map(MeshModel::id)),
                mesh.map(MeshModel::name).orElseGet(() -> words.of("lid.usual_mesh")));
    }

    EditOutcome fan(Design design, EditForm form, FieldErrors errors) {
        return NumberField.named(form.opWord(), AirFields.FAN)
                .map(field -> number(design, form, field, words.of("part.fan"), errors))
                .orElseGet(() -> AirEdits.unknown(design, "error.edit.unknown", AirEdits.FAN, errors));
    }

    private EditOutcome number(Design design, EditForm form, NumberField field, String name, FieldErrors errors) {
        return numbers.typed(
                design,
                form,
                field,
                name,
                AirFields.air(field).of(design, catalogues.of(design)),
                errors,
                value -> new AirEdit.SetNumber(AirFields.air(field), value));
    }

    private EditOutcome said(Design design, AirEdit edit, String what) {
        return new EditOutcome(edits.apply(edit, design), words.of("part.lid") + ": " + what, AirEdits.LID);
    }
}
