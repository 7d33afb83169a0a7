/**
 * Inside of the climate model: grid, network, one balance of heat and one of vapour a step. Only {@code
 * tanah.core.climate} may import it. Equations: docs/models/climate.md.
 */
@NullMarked
package tanah.core.climate.engine;

import org.jspecify.annotations.NullMarked;
