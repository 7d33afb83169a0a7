/** Sums beside the plan: what is reckoned with typed numbers and nothing is kept of. */
@NullMarked
package tanah.web.calculator;

import org.jspecify.annotations.NullMarked;
