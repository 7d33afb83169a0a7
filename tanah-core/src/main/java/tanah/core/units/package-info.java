/**
 * Units for entry and display, conversion constants, and the smallest differences that count. Everything else in the core is SI.
 */
@NullMarked
package tanah.core.units;

import org.jspecify.annotations.NullMarked;
