/** What the numbers were held against, as a page. */
@NullMarked
package tanah.web.truth;

import org.jspecify.annotations.NullMarked;
