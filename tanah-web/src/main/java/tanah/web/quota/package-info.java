/** How much one keeper may store, so that nobody fills the disk of all; whoever owns the site sets it. */
@NullMarked
package tanah.web.quota;

import org.jspecify.annotations.NullMarked;
