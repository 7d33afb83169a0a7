/** Stage 9: cleanup crew and litter. */
@NullMarked
package tanah.web.design.crew;

import org.jspecify.annotations.NullMarked;
