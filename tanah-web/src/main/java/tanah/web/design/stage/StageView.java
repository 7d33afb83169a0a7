package tanah.web.design.stage;

import java.util.Optional;
import tanah.core.finding.Severity;

/**
 * A band of the strata.
 *
 * @param number of the stage
 * @param word   of the stage in paths
 * @param state  css word of its state
 * @param href   where it leads, or empty where nothing is built yet
 * @param active whether it is open
 * @param worst  worst finding, if it is worse than good
 */
public record StageView(int number, String word, String state, String href, boolean active, Optional<Severity> worst) {}
