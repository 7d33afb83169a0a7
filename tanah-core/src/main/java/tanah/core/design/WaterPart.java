package tanah.core.design;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The water part as far as the ground and the masses need it.
 *
 * @param level      water level above the inner base (m), if given
 * @param sideRegion where water stands beside a watertight dam
 * @param kept       the rest of the water stage
 */
public record WaterPart(OptionalDouble level, Optional<Layer.Region> sideRegion, Kept kept) {}
