package tanah.web.design.notes;

import java.time.Clock;
import java.time.LocalDate;
import org.springframework.stereotype.Component;
import tanah.core.design.Design;
import tanah.core.design.edit.Edit;
import tanah.core.design.edit.EditContext;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.words.FindingWords;
import tanah.web.evaluate.Evaluations;
import tanah.web.forms.FieldErrors;

/** Takes the remedy of a note; the same on every stage. */
@Component
public class RemedyEdit {
    private final Catalogues catalogues;
    private final FindingWords words;
    private final Clock clock;
    private final Evaluations evaluations;

    RemedyEdit(Catalogues catalogues, Evaluations evaluations, FindingWords words, Clock clock) {
        this.evaluations = evaluations;
        this.catalogues = catalogues;
        this.words = words;
        this.clock = clock;
    }

    /** The part names the finding, the value which of its remedies, the other the part that is selected. */
    public EditOutcome apply(Design design, EditForm form, FieldErrors errors) {
        for (Finding finding : evaluations.whole(design).findings()) {
            if (Notes.key(finding).equals(form.partId())) {
                for (int i = 0; i < finding.remedies().size(); i++) {
                    if (String.valueOf(i).equals(form.valueText())) {
                        Remedy remedy = finding.remedies().get(i);
                        Design changed =
                                Edit.take(remedy, design, new EditContext(catalogues.of(design), LocalDate.now(clock)));
                        return new EditOutcome(changed, words.remedy(remedy), form.otherText());
                    }
                }
            }
        }
        errors.add("form", "error.remedy.gone");
        return EditOutcome.none(design, form.otherText());
    }
}
