/**
 * Layers on sloped or stepped floors as exact piecewise planes; water in soil; mixes; the rules of the ground.
 */
@NullMarked
package tanah.core.ground;

import org.jspecify.annotations.NullMarked;
