/** Numbers over a rectangle, and the lines and regions that a drawing makes of them. */
@NullMarked
package tanah.core.field;

import org.jspecify.annotations.NullMarked;
