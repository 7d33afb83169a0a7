/** Physical constants, moist air, films of air, openings, what a probe shows. Knows no box and no design. */
@NullMarked
package tanah.core.physics;

import org.jspecify.annotations.NullMarked;
