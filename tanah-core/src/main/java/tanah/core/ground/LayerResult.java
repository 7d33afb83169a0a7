package tanah.core.ground;

import java.util.List;
import java.util.Optional;

/**
 * What one layer comes to.
 *
 * @param id        layer
 * @param shape     volume and depths
 * @param loose     volume to buy, loose (m³)
 * @param bags      if a bag is given
 * @param cost      major currency units: bags, or loose litres at the middle of the price band; empty without a price
 * @param components loose volume of each component (m³), without waste
 * @param dryMass   placed, dry (kg)
 * @param dripContent water held when drained, share of the volume
 * @param wetMass   drained wet (kg)
 * @param saturatedMass every pore full (kg)
 * @param poreShare share of the volume that water fills below a water level
 * @param drainable share of the volume that a siphon gets back
 */
public record LayerResult(
        String id,
        Shape shape,
        double loose,
        Optional<Bags> bags,
        double cost,
        List<Component> components,
        double dryMass,
        double dripContent,
        double wetMass,
        double saturatedMass,
        double poreShare,
        double drainable) {

    public LayerResult {
        components = List.copyOf(components);
    }

    /**
     * Geometry of a layer.
     *
     * @param volume    gross (m³)
     * @param netVolume less buried things (m³)
     * @param footprint plan area (m²)
     * @param meanDepth volume over footprint (m), 0 where the layer is nowhere
     * @param minDepth  (m)
     * @param maxDepth  (m)
     * @param slope     steepest surface (rad)
     * @param topMin    lowest place of its surface (m)
     * @param topMax    highest place of its surface (m)
     * @param underside lowest place of its underside (m)
     */
    public record Shape(
            double volume,
            double netVolume,
            double footprint,
            double meanDepth,
            double minDepth,
            double maxDepth,
            double slope,
            double topMin,
            double topMax,
            double underside) {

        public boolean exists() {
            return footprint > 0;
        }
    }

    /**
     * Whole bags.
     *
     * @param count bags
     * @param total bought (m³)
     * @param leftOver (m³)
     */
    public record Bags(int count, double total, double leftOver) {}

    /**
     * @param media catalogue id
     * @param loose volume (m³)
     */
    public record Component(String media, double loose) {}
}
