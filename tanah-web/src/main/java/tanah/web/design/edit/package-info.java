/**
 * What every stage uses: the interface of a stage, edits as they come from a form, fields, parts, choices. Knows
 * no stage.
 */
@NullMarked
package tanah.web.design.edit;

import org.jspecify.annotations.NullMarked;
