/** Pages of the fewest changes under which a crew carries what the animals leave. */
@NullMarked
package tanah.web.bioactive;

import org.jspecify.annotations.NullMarked;
