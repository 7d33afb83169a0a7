/**
 * The design document as records in SI units. A design is a value; an edit returns another one. Parts that no stage reads are kept untouched.
 */
@NullMarked
package tanah.core.design;

import org.jspecify.annotations.NullMarked;
