package tanah.web.design.edit;

import java.util.List;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Stage;
import tanah.web.forms.FieldErrors;

/** What stages have in common: their edits and their parts, each in a class of its own. */
public abstract class EditedStage implements DesignStage {
    private final Stage stage;
    private final Edits edits;
    private final Parts parts;

    protected EditedStage(Stage stage, Edits edits, Parts parts) {
        this.stage = stage;
        this.edits = edits;
        this.parts = parts;
    }

    /** Reads edits of a stage and applies them. */
    @FunctionalInterface
    public interface Edits {
        EditOutcome apply(Design design, EditForm form, long keeper, FieldErrors errors);
    }

    /** Makes the rows of a stage. */
    @FunctionalInterface
    public interface Parts {
        List<PartView> of(Evaluation e, String part);
    }

    @Override
    public final Stage stage() {
        return stage;
    }

    @Override
    public final EditOutcome apply(Design design, EditForm form, long keeper, FieldErrors errors) {
        return edits.apply(design, form, keeper, errors);
    }

    @Override
    public final List<PartView> parts(Evaluation e, String part) {
        return parts.of(e, part);
    }
}
