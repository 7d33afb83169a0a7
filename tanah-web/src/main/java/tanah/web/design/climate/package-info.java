/** Heat, light, air and moisture over a sheet and around it. */
@NullMarked
package tanah.web.design.climate;

import org.jspecify.annotations.NullMarked;
