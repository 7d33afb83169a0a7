package tanah.web.design.edit;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.edit.Edit;
import tanah.core.design.edit.EditContext;
import tanah.core.design.edit.Refusal;
import tanah.core.finding.Remedy;
import tanah.core.proposal.PlanProposals;
import tanah.web.catalogue.Catalogues;
import tanah.web.forms.FieldErrors;

/** Applies changes of plans, with the catalogue of the plan and the date of today. */
@Component
public class Edits {
    private final Catalogues catalogues;
    private final Clock clock;

    public Edits(Catalogues catalogues, Clock clock) {
        this.catalogues = catalogues;
        this.clock = clock;
    }

    public Design apply(Edit edit, Design design) {
        return edit.apply(design, context(design));
    }

    /** The plan after a change; empty, with an error beside a field, where the change cannot be made. */
    public Optional<Design> attempt(Edit edit, Design design, FieldErrors errors, String field) {
        EditContext context = context(design);
        Optional<Refusal> refused = edit.refused(design, context);
        refused.ifPresent(r -> errors.add(field, "error." + r.word(), r.most()));
        return refused.isPresent() ? Optional.empty() : Optional.of(edit.apply(design, context));
    }

    /** What a remedy does to a plan. */
    public Design take(Remedy remedy, Design design) {
        return Edit.take(remedy, design, context(design));
    }

    private EditContext context(Design design) {
        Catalogue catalogue = catalogues.of(design);
        return new EditContext(catalogue, LocalDate.now(clock), new PlanProposals(catalogue));
    }
}
