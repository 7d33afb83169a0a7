/** Layout, errors, words, settings of the application as a whole. */
@NullMarked
package tanah.web.shell;

import org.jspecify.annotations.NullMarked;
