/**
 * Heat and moisture in the enclosure: air zones that mix, surfaces of their own, vapour, stores of water. Steady days and
 * nights and the whole day; energy and water are conserved to round-off.
 */
@NullMarked
package tanah.core.climate;

import org.jspecify.annotations.NullMarked;
