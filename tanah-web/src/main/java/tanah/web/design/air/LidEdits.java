package tanah.web.design.air;

import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.design.Design;
import tanah.core.design.VesselPlan;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.edit.NumberEdit;
import tanah.web.design.edit.NumberField;
import tanah.web.forms.FieldErrors;
import tanah.web.shell.Words;

/** Reads one edit of the mesh in the lid. */
@Component
class LidEdits {
    private final Catalogues catalogues;
    private final NumberEdit numbers;
    private final Words words;

    LidEdits(Catalogues catalogues, NumberEdit numbers, Words words) {
        this.catalogues = catalogues;
        this.numbers = numbers;
        this.words = words;
    }

    EditOutcome apply(Design design, EditForm form, FieldErrors errors) {
        VesselPlan.Lid lid = design.vessel().orElseThrow().lid().orElse(VesselPlan.Lid.UNSAID);
        Optional<NumberField> number = NumberField.named(form.opWord(), AirFields.LID);
        if (number.isPresent()) {
            NumberField field = number.get();
            return numbers.typed(
                    design,
                    form,
                    field,
                    words.of("part.lid"),
                    AirFields.get(field, lid),
                    errors,
                    value -> lid(design, AirFields.set(field, lid, value)));
        }
        if (form.opWord().equals("lid-side")) {
            return AirEdits.face(form.valueText())
                    .map(f -> new EditOutcome(
                            lid(
                                    design,
                                    lid.withMesh(new VesselPlan.Mesh(
                                            Optional.of(f),
                                            lid.mesh().item(),
                                            lid.mesh().open()))),
                            words.of("part.lid") + ": " + words.of("face." + f.word()),
                            AirEdits.LID))
                    .orElseGet(() -> AirEdits.unknown(design, "error.choice", AirEdits.LID, errors));
        }
        if (form.opWord().equals("lid-item")) {
            return catalogues
                    .of(design)
                    .findMesh(form.valueText())
                    .map(m -> new EditOutcome(
                            lid(
                                    design,
                                    lid.withMesh(new VesselPlan.Mesh(
                                            lid.mesh().side(), Optional.of(m.id()), OptionalDouble.empty()))),
                            words.of("part.lid") + ": " + m.name(),
                            AirEdits.LID))
                    .orElseGet(() -> AirEdits.unknown(design, "error.choice", AirEdits.LID, errors));
        }
        return AirEdits.unknown(design, "error.edit.unknown", AirEdits.LID, errors);
    }

    private static Design lid(Design design, VesselPlan.Lid lid) {
        return design.withVessel(design.vessel().orElseThrow().withLid(lid));
    }
}
