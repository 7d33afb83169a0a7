/** Living plants: what a kind wants, and whether it would live at a place. */
@NullMarked
package tanah.core.plant;

import org.jspecify.annotations.NullMarked;
