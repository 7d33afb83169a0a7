/** Stage 8: plants. */
@NullMarked
package tanah.web.design.planting;

import org.jspecify.annotations.NullMarked;
