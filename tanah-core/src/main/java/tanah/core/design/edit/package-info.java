/**
 * Every change of a plan, as data: one sealed family a stage, each change with what it does and what it says of itself. Remedies,
 * schools, searches and forms make the same changes. A new change is one record here.
 */
@NullMarked
package tanah.core.design.edit;

import org.jspecify.annotations.NullMarked;
