/** The shelf: all enclosures of a keeper, drawn to one scale. */
@NullMarked
package tanah.web.shelf;

import org.jspecify.annotations.NullMarked;
