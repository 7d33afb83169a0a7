/**
 * Growth, space and company of the animals: is this box enough now and grown, and may they live together.
 */
@NullMarked
package tanah.core.animal;

import org.jspecify.annotations.NullMarked;
