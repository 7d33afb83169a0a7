/**
 * What to draw, in metres with ids: section, plan, outlines. No colour, no words, no SVG.
 */
@NullMarked
package tanah.core.scene;

import org.jspecify.annotations.NullMarked;
