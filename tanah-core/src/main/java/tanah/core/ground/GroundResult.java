package tanah.core.ground;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The ground computed.
 *
 * @param terrain     cells
 * @param layers      results, bottom to top
 * @param soils       soil of each layer that has one
 * @param bulk        volume of all layers (m³)
 * @param damVolume   volume of the wall (m³)
 * @param surfaceMin  lowest ground (m)
 * @param surfaceMax  highest ground (m)
 * @param water       at the level of the water part, if it gives one
 * @param underBarrier water that stands under the separator when the drainage is full, and what a siphon gets back
 */
public record GroundResult(
        Terrain terrain,
        List<LayerResult> layers,
        Map<String, Soil> soils,
        double bulk,
        double damVolume,
        double surfaceMin,
        double surfaceMax,
        Optional<WaterVolumes> water,
        UnderBarrier underBarrier) {

    public GroundResult {
        layers = List.copyOf(layers);
        soils = Map.copyOf(soils);
    }

    /**
     * Water under the separator with the drainage full.
     *
     * @param full m³
     * @param drainable m³ a siphon gets back
     */
    public record UnderBarrier(double full, double drainable) {}

    public Optional<LayerResult> layer(String id) {
        return layers.stream().filter(l -> l.id().equals(id)).findFirst();
    }

    public Optional<Soil> soil(String id) {
        return Optional.ofNullable(soils.get(id));
    }
}
