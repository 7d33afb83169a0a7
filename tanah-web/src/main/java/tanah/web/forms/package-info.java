/** Numbers as people type them. */
@NullMarked
package tanah.web.forms;

import org.jspecify.annotations.NullMarked;
