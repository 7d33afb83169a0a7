/** Stages 1 and 2: animal, vessel and room on one page, and the animals that would suit a plan. */
@NullMarked
package tanah.web.design.start;

import org.jspecify.annotations.NullMarked;
