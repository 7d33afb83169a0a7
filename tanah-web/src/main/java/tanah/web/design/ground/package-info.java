/** Stage 3. */
@NullMarked
package tanah.web.design.ground;

import org.jspecify.annotations.NullMarked;
