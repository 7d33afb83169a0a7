package tanah.web.design.edit;

import java.time.Clock;
import java.time.LocalDate;
import org.springframework.stereotype.Component;
import tanah.core.design.Design;
import tanah.core.design.edit.Edit;
import tanah.core.design.edit.EditContext;
import tanah.core.finding.Remedy;
import tanah.web.catalogue.Catalogues;

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

    /** What a remedy does to a plan. */
    public Design take(Remedy remedy, Design design) {
        return Edit.take(remedy, design, context(design));
    }

    private EditContext context(Design design) {
        return new EditContext(catalogues.of(design), LocalDate.now(clock));
    }
}
