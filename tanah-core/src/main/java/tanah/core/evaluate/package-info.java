/**
 * The order of computation. The only package that knows all others.
 */
@NullMarked
package tanah.core.evaluate;

import org.jspecify.annotations.NullMarked;
