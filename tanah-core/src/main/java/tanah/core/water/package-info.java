/** Water: its properties, flow, heat, changes and chemistry. */
@NullMarked
package tanah.core.water;

import org.jspecify.annotations.NullMarked;
