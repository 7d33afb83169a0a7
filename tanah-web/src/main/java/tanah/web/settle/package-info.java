/** The weeks after planting: how a well watered ground dries. */
@NullMarked
package tanah.web.settle;

import org.jspecify.annotations.NullMarked;
