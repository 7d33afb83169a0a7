/** Stage 6. */
@NullMarked
package tanah.web.design.heat;

import org.jspecify.annotations.NullMarked;
