package tanah.core.design.edit;

import java.time.LocalDate;
import tanah.core.catalogue.Catalogue;

/**
 * What a change may need besides the plan.
 *
 * @param catalogue facts
 * @param today     date written beside a choice of school
 */
public record EditContext(Catalogue catalogue, LocalDate today) {}
