/** What to buy. */
@NullMarked
package tanah.web.build;

import org.jspecify.annotations.NullMarked;
