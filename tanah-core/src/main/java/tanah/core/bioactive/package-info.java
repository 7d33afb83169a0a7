/** Makes a plan bioactive: the fewest changes of crew, damp or dry places and litter under which waste is carried. */
@NullMarked
package tanah.core.bioactive;

import org.jspecify.annotations.NullMarked;
