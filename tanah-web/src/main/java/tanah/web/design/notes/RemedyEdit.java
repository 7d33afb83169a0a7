package tanah.web.design.notes;

import org.springframework.stereotype.Component;
import tanah.core.design.Design;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.edit.Edits;
import tanah.web.design.words.FindingWords;
import tanah.web.evaluate.Evaluations;
import tanah.web.forms.FieldErrors;

/** Takes the remedy of a note; the same on every stage. */
@Component
public class RemedyEdit {
    private final FindingWords words;
    private final Edits edits;
    private final Evaluations evaluations;

    RemedyEdit(Evaluations evaluations, FindingWords words, Edits edits) {
        this.evaluations = evaluations;
        this.words = words;
        this.edits = edits;
    }

    /** The part names the finding, the value which of its remedies, the other the part that is selected. */
    public EditOutcome apply(Design design, EditForm form, FieldErrors errors) {
        for (Finding finding : evaluations.whole(design).findings()) {
            if (Notes.key(finding).equals(form.partId())) {
                for (int i = 0; i < finding.remedies().size(); i++) {
                    if (String.valueOf(i).equals(form.valueText())) {
                        Remedy remedy = finding.remedies().get(i);
                        Design changed = edits.take(remedy, design);
                        return new EditOutcome(changed, words.remedy(remedy), form.otherText());
                    }
                }
            }
        }
        errors.add("form", "error.remedy.gone");
        return EditOutcome.none(design, form.otherText());
    }
}
