/**
 * The page of a stage: controller, drawing, strata. Asks every {@link tanah.web.design.edit.DesignStage}; names
 * none.
 */
@NullMarked
package tanah.web.design.stage;

import org.jspecify.annotations.NullMarked;
