/** Keepers: register and sign in. */
@NullMarked
package tanah.web.account;

import org.jspecify.annotations.NullMarked;
