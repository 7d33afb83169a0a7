/**
 * Masses and what the stand carries. Pane stress and floor load are not judged here yet.
 */
@NullMarked
package tanah.core.structure;

import org.jspecify.annotations.NullMarked;
