/**
 * A design as the climate model takes it, and which part of the design each thing of it is. Entry: {@link
 * tanah.core.mapping.MappedDesign}.
 */
@NullMarked
package tanah.core.mapping;

import org.jspecify.annotations.NullMarked;
