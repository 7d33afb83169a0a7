package tanah.web.design.air;

import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tanah.core.design.Design;
import tanah.core.design.Envelope;
import tanah.core.design.edit.PaneEdit;
import tanah.core.vessel.Material;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.edit.Edits;
import tanah.web.design.edit.NumberEdit;
import tanah.web.design.edit.NumberField;
import tanah.web.forms.FieldErrors;
import tanah.web.shell.Words;

/** Reads one edit of a face that is made otherwise than the rest of the box. */
@Component
class PaneEdits {
    private static final String FIRST = "pane-";

    private final NumberEdit numbers;
    private final Edits edits;
    private final Words words;

    PaneEdits(NumberEdit numbers, Edits edits, Words words) {
        this.numbers = numbers;
        this.edits = edits;
        this.words = words;
    }

    /** What its row is called in forms. */
    static String id(Envelope.Face face) {
        return FIRST + face.word();
    }

    static String word(Material material) {
        return material.name().toLowerCase(Locale.ROOT);
    }

    /** The pane whose row is called so. */
    static Optional<Envelope.Pane> named(Design design, String part) {
        return design.vessel().stream()
                .flatMap(v -> v.envelope().panes().stream())
                .filter(p -> id(p.face()).equals(part))
                .findFirst();
    }

    EditOutcome add(Design design, String word, FieldErrors errors) {
        Optional<Envelope.Face> face = AirEdits.face(word).filter(PaneEdit.FACES::contains);
        if (face.isEmpty()) {
            errors.add("add", "error.choice");
            return EditOutcome.none(design, AirEdits.LID);
        }
        return edits.attempt(new PaneEdit.AddPane(face.get()), design, errors, "add")
                .map(made -> new EditOutcome(made, words.of("edit.laid", name(face.get())), id(face.get())))
                .orElseGet(() -> EditOutcome.none(design, AirEdits.LID));
    }

    EditOutcome pane(Design design, Envelope.Pane pane, EditForm form, FieldErrors errors) {
        String name = name(pane.face());
        String id = id(pane.face());
        Optional<NumberField> number = NumberField.named(form.opWord(), AirFields.PANE);
        if (number.isPresent()) {
            NumberField field = number.get();
            return numbers.typed(
                    design,
                    form,
                    field,
                    name,
                    switch (AirFields.pane(field)) {
                        case THICK -> pane.thickness();
                        case REFLECTS -> pane.reflects();
                    },
                    errors,
                    value -> new PaneEdit.SetPane(pane.face(), AirFields.pane(field), value));
        }
        return switch (form.opWord()) {
            case "pane-material" ->
                PaneEdit.materials(pane.face()).stream()
                        .filter(m -> word(m).equals(form.valueText()))
                        .findFirst()
                        .map(m -> new EditOutcome(
                                edits.apply(new PaneEdit.MakePaneOf(pane.face(), m), design),
                                name + ": " + words.of("pane." + word(m)),
                                id))
                        .orElseGet(() -> AirEdits.unknown(design, "error.choice", id, errors));
            case "pane-remove", "remove" ->
                new EditOutcome(
                        edits.apply(new PaneEdit.RemovePane(pane.face()), design),
                        words.of("edit.removed", name),
                        AirEdits.LID);
            default -> AirEdits.unknown(design, "error.edit.unknown", id, errors);
        };
    }

    private String name(Envelope.Face face) {
        return words.of("part.pane", words.of("face." + face.word()));
    }
}
