/** The weeks after planting: how damp the air is day after day. */
@NullMarked
package tanah.web.afterplanting;

import org.jspecify.annotations.NullMarked;
