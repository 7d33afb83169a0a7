/** {@code ./tanah evaluate}: the core without the web. */
@NullMarked
package tanah.cli;

import org.jspecify.annotations.NullMarked;
