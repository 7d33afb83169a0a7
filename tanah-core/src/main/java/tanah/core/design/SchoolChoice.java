package tanah.core.design;

import java.time.LocalDate;
import java.util.Optional;

/**
 * A way chosen where good keepers disagree.
 *
 * @param choice what is chosen about
 * @param option the way
 * @param reason the keeper's own words
 * @param date   when it was chosen
 */
public record SchoolChoice(String choice, String option, Optional<String> reason, LocalDate date) {}
