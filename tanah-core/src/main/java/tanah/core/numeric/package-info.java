/** Linear systems. */
@NullMarked
package tanah.core.numeric;

import org.jspecify.annotations.NullMarked;
