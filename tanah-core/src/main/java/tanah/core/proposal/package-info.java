/** Where new things of a plan usually go, asked for by its changes. */
@NullMarked
package tanah.core.proposal;

import org.jspecify.annotations.NullMarked;
