/** Lamps, their beams, shade, the UV index and plant light: one engine for heat, UV and light. */
@NullMarked
package tanah.core.light;

import org.jspecify.annotations.NullMarked;
