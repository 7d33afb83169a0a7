/**
 * The box as the climate model sees it: panes, floor, fixtures, sprays, seasons, in SI. Entry: {@link
 * tanah.core.box.ClimateCase}. Nothing is computed here.
 */
@NullMarked
package tanah.core.box;

import org.jspecify.annotations.NullMarked;
