/** Sums beside the plan: drying, drainage, changes, blending, topping up, gluing. Nothing of them is stored. */
@NullMarked
package tanah.web.sums;

import org.jspecify.annotations.NullMarked;
