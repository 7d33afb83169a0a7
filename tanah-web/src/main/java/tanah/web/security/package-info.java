/** Who may see what; sign-in, sessions, headers, the brake on guessing passwords. */
@NullMarked
package tanah.web.security;

import org.jspecify.annotations.NullMarked;
