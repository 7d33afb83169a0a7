/** Convex polygons and planes over the floor plan: the three integrals on which volumes rest. No physics. */
@NullMarked
package tanah.core.geometry;

import org.jspecify.annotations.NullMarked;
