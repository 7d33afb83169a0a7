/** Failures played through on a plan. */
@NullMarked
package tanah.web.drill;

import org.jspecify.annotations.NullMarked;
