/**
 * Numbers that can be opened: value, band, what it was made from, and how far it can be trusted. Words and formulas as
 * text belong to the web; here stand their keys.
 */
@NullMarked
package tanah.core.explain;

import org.jspecify.annotations.NullMarked;
