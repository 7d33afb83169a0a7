/** Tanah on the web. */
@NullMarked
package tanah.web;

import org.jspecify.annotations.NullMarked;
