/** Planting plans by an exact solver for integer problems. Only this room knows the solver. */
@NullMarked
package tanah.solver;

import org.jspecify.annotations.NullMarked;
