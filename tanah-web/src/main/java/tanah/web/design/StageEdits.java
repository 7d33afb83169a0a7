package tanah.web.design;

import tanah.core.design.Design;
import tanah.core.finding.Stage;
import tanah.web.forms.FieldErrors;

/** Reads one edit of a stage and applies it to a design. */
interface StageEdits {
    /** The stage whose edits these are. */
    Stage stage();

    /**
     * @param design as the keeper saw it
     * @param keeper whose edit it is
     * @param errors what is wrong with what was typed, by field
     */
    EditOutcome apply(Design design, EditForm form, long keeper, FieldErrors errors);
}
