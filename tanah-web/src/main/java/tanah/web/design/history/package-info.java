/** Revisions: compared, laid over each other, gone back to. */
@NullMarked
package tanah.web.design.history;

import org.jspecify.annotations.NullMarked;
