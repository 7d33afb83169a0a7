package tanah.web.design.edit;

import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import tanah.core.design.Design;
import tanah.core.design.edit.Edit;
import tanah.web.forms.FieldErrors;
import tanah.web.shell.Words;

/** One typed number of a part: nothing where it stands already or is wrong, else the design with its summary. */
@Component
public class NumberEdit {
    private final Words words;
    private final Edits edits;

    public NumberEdit(Words words, Edits edits) {
        this.words = words;
        this.edits = edits;
    }

    /** Reads the number and applies it; {@code change} is given what was typed, empty where it was left out. */
    public EditOutcome typed(
            Design design,
            EditForm form,
            NumberField field,
            String name,
            OptionalDouble stood,
            FieldErrors errors,
            Function<OptionalDouble, ? extends Edit> change) {
        OptionalDouble value = field.read(form, errors);
        return apply(design, form, field, name, stood, value, errors, () -> change.apply(value));
    }

    /**
     * @param name   of the part
     * @param stood  before; empty: not given
     * @param value  read from the form
     * @param change makes the edit
     */
    public EditOutcome apply(
            Design design,
            EditForm form,
            NumberField field,
            String name,
            OptionalDouble stood,
            OptionalDouble value,
            FieldErrors errors,
            Supplier<? extends Edit> change) {
        String before = stood.isPresent() ? field.show(stood.getAsDouble()) : "–";
        if (!errors.isEmpty() || form.valueText().strip().equals(before)) {
            return EditOutcome.none(design, form.partId());
        }
        String after = value.isPresent() ? field.show(value.getAsDouble()) : "–";
        String summary = words.of(
                "edit.field", name, words.of("short." + field.op()), before, (after + "\u2009" + field.unit()).strip());
        return new EditOutcome(edits.apply(change.get(), design), summary, form.partId());
    }
}
