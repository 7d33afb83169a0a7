/** Stage 4. */
@NullMarked
package tanah.web.design.hardscape;

import org.jspecify.annotations.NullMarked;
