/** Finds the equipment of least power that meets what the animals want, or says which wish stands against which fact. */
@NullMarked
package tanah.core.sizing;

import org.jspecify.annotations.NullMarked;
