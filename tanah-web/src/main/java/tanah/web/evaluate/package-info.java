/** Evaluations kept and worked on behind the pages. */
@NullMarked
package tanah.web.evaluate;

import org.jspecify.annotations.NullMarked;
