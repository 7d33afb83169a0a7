/**
 * What to buy: pack rounding by exact search.
 */
@NullMarked
package tanah.core.build;

import org.jspecify.annotations.NullMarked;
