/** The catalogue as a bean, and search in it. */
@NullMarked
package tanah.web.catalogue;

import org.jspecify.annotations.NullMarked;
