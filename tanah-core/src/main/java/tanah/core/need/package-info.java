/**
 * What an animal wants at a place: which need, where, when, in what range; and one verdict of a need against what
 * is expected or was read.
 */
@NullMarked
package tanah.core.need;

import org.jspecify.annotations.NullMarked;
