/**
 * Readings against what is wanted at their place and hour.
 */
@NullMarked
package tanah.core.commission;

import org.jspecify.annotations.NullMarked;
