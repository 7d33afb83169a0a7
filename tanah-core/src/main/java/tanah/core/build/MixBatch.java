package tanah.core.build;

import java.util.List;

/**
 * How to mix one layer.
 *
 * @param layer  id
 * @param parts  loose volume of each component (m³), waste included
 * @param loose  sum of the loose volumes (m³)
 * @param placed volume once placed and settled (m³)
 */
public record MixBatch(String layer, List<Part> parts, double loose, double placed) {
    public MixBatch {
        parts = List.copyOf(parts);
    }

    /**
     * @param media id
     * @param volume loose (m³)
     * @param share of the loose volume
     */
    public record Part(String media, double volume, double share) {}
}
