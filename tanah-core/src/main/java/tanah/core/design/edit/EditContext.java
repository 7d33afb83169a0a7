package tanah.core.design.edit;

import java.time.LocalDate;
import tanah.core.catalogue.Catalogue;

/**
 * What a change may need besides the plan.
 *
 * @param catalogue facts
 * @param today     date written beside a choice of school
 * @param proposals where new things go
 */
public record EditContext(Catalogue catalogue, LocalDate today, Proposals proposals) {
    /** For changes of what is there already. */
    public EditContext(Catalogue catalogue, LocalDate today) {
        this(catalogue, today, Proposals.NONE);
    }
}
