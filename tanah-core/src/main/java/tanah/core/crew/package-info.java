/** What animals leave behind, and what becomes of it and of the leaves on the ground. */
@NullMarked
package tanah.core.crew;

import org.jspecify.annotations.NullMarked;
