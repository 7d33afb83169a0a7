/**
 * The room around the box against what the animal bears, before any lamp.
 */
@NullMarked
package tanah.core.room;

import org.jspecify.annotations.NullMarked;
