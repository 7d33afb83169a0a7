package tanah.web.design.hardscape;

import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.design.Design;
import tanah.core.design.PieceLook;
import tanah.core.design.edit.OutlineChange;
import tanah.core.design.edit.PieceEdit;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.edit.Edits;
import tanah.web.design.words.PartNames;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Quantity;
import tanah.web.shell.Words;

/** Reads what is done to a corner of a piece's outline: {@code corner-plan-3}, with a place, "split" or "drop". */
@Component
class Corners {
    static final String OP = "corner-";

    private final Edits edits;
    private final PartNames names;
    private final Catalogues catalogues;
    private final Words words;

    Corners(Edits edits, PartNames names, Catalogues catalogues, Words words) {
        this.edits = edits;
        this.names = names;
        this.catalogues = catalogues;
        this.words = words;
    }

    EditOutcome apply(Design design, EditForm form, FieldErrors errors) {
        String[] parts = form.opWord().substring(OP.length()).split("-", 2);
        Optional<PieceLook.View> view = view(parts[0]);
        Optional<Integer> corner = parts.length < 2 ? Optional.empty() : number(parts[1]);
        Optional<OutlineChange> change = change(form);
        if (view.isEmpty() || corner.isEmpty() || change.isEmpty()) {
            errors.add("form", "error.edit.unknown");
            return EditOutcome.none(design, form.partId());
        }
        PieceEdit edit = new PieceEdit.Outline(form.partId(), view.get(), corner.get(), change.get());
        return edits.attempt(edit, design, errors, "form")
                .map(made -> new EditOutcome(
                        made,
                        words.of(
                                "edit.formed",
                                HardscapeEdits.shortened(names.of(form.partId(), design, catalogues.of(design)))),
                        form.partId()))
                .orElseGet(() -> EditOutcome.none(design, form.partId()));
    }

    private static Optional<OutlineChange> change(EditForm form) {
        if (form.valueText().equals("split")) {
            return Optional.of(new OutlineChange.Split());
        }
        if (form.valueText().equals("drop")) {
            return Optional.of(new OutlineChange.Drop());
        }
        OptionalDouble x = Quantity.parse(form.valueText(), Quantity.Kind.LENGTH);
        OptionalDouble other = Quantity.parse(form.otherText(), Quantity.Kind.LENGTH);
        return x.isPresent() && other.isPresent()
                ? Optional.of(new OutlineChange.To(x.getAsDouble(), other.getAsDouble()))
                : Optional.empty();
    }

    private static Optional<PieceLook.View> view(String word) {
        for (PieceLook.View view : PieceLook.View.values()) {
            if (view.name().toLowerCase(Locale.ROOT).equals(word)) {
                return Optional.of(view);
            }
        }
        return Optional.empty();
    }

    private static Optional<Integer> number(String text) {
        return text.matches("[0-9]{1,3}") ? Optional.of(Integer.valueOf(text)) : Optional.empty();
    }
}
