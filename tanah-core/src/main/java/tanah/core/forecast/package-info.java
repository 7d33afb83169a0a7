/**
 * What the climate of a design will be: maps a design to the climate model, runs winter and season, day and night, reads off
 * the places that matter with their bands, and judges them against the animals. The physics is in {@code climate}.
 */
@NullMarked
package tanah.core.forecast;

import org.jspecify.annotations.NullMarked;
