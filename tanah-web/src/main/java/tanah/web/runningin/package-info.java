/** How the water runs in, by the ways that keepers know, with the tests of the log laid over. */
@NullMarked
package tanah.web.runningin;

import org.jspecify.annotations.NullMarked;
