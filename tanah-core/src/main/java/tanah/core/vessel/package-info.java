/**
 * The box itself: shapes, inside plan, capacity, pane masses. Knows no design document.
 */
@NullMarked
package tanah.core.vessel;

import org.jspecify.annotations.NullMarked;
