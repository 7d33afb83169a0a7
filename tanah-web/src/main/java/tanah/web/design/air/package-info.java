/** Stage 7. */
@NullMarked
package tanah.web.design.air;

import org.jspecify.annotations.NullMarked;
