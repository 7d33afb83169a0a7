package tanah.web.design.crew;

import java.util.Optional;
import org.springframework.stereotype.Component;
import tanah.core.design.CrewChoice;
import tanah.core.design.Design;
import tanah.core.design.edit.RefugeEdit;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.edit.Edits;
import tanah.web.design.edit.NumberEdit;
import tanah.web.design.edit.NumberField;
import tanah.web.design.words.PartNames;
import tanah.web.forms.FieldErrors;
import tanah.web.shell.Words;

/** Reads one edit of a damp or dry place and applies it to a design. */
@Component
class RefugeEdits {
    private final Catalogues catalogues;
    private final PartNames names;
    private final Words words;
    private final NumberEdit numbers;
    private final Edits edits;

    RefugeEdits(Catalogues catalogues, PartNames names, Words words, NumberEdit numbers, Edits edits) {
        this.catalogues = catalogues;
        this.names = names;
        this.words = words;
        this.numbers = numbers;
        this.edits = edits;
    }

    EditOutcome apply(Design design, CrewChoice.Refuge place, EditForm form, FieldErrors errors) {
        String name = names.of(place.id(), design, catalogues.of(design));
        Optional<NumberField> number = CrewFields.ofPlace(form.opWord());
        if (number.isPresent()) {
            return numbers.typed(
                    design,
                    form,
                    number.get(),
                    name,
                    CrewFields.placeNumber(number.get()).of(place),
                    errors,
                    value -> new RefugeEdit.SetNumber(place.id(), CrewFields.placeNumber(number.get()), value));
        }
        if (form.opWord().equals("remove")) {
            return new EditOutcome(
                    edits.apply(new RefugeEdit.Remove(place.id()), design), words.of("edit.removed", name), "");
        }
        errors.add("form", "error.edit.unknown");
        return EditOutcome.none(design, place.id());
    }
}
