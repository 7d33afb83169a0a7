/** Two people on one plan: what both changed, side by side. */
@NullMarked
package tanah.web.design.conflict;

import org.jspecify.annotations.NullMarked;
