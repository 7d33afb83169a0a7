package tanah.core.cleanup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.design.Design;
import tanah.core.design.Layer;

/**
 * The floor as the crew lives on it.
 *
 * @param celsius mean of the coldest and the hottest day
 * @param coldest mean of the coldest day (°C)
 * @param hottest mean of the hottest day (°C)
 * @param wetness water of the litter, else of the ground, over field capacity, as the plan keeps it
 * @param refuge  share of the floor that is a refuge
 * @param pocket  water of it over field capacity
 */
record FloorClimate(double celsius, double coldest, double hottest, double wetness, double refuge, double pocket) {
    /** Empty where there is no ground that is kept damp or dry. */
    static Optional<FloorClimate> of(Design design, FloorWarmth warmth, List<RefugeOnFloor> refuges) {
        OptionalDouble wetness = wetness(design);
        if (wetness.isEmpty()) {
            return Optional.empty();
        }
        double cold = warmth.coldest();
        double hot = warmth.hottest();
        double share = 0;
        double water = 0;
        for (RefugeOnFloor r : refuges) {
            share += r.share();
            water += r.share() * r.refuge().water();
        }
        return Optional.of(new FloorClimate(
                (cold + hot) / 2, cold, hot, wetness.getAsDouble(), Math.min(1, share), share > 0 ? water / share : 0));
    }

    /** Of the highest layer that roots or leaves lie in. */
    private static OptionalDouble wetness(Design design) {
        List<Layer> layers = new ArrayList<>(design.ground().layers());
        java.util.Collections.reverse(layers);
        return layers.stream()
                .filter(l -> l.is(Layer.Kind.LITTER) || l.is(Layer.Kind.SUBSTRATE))
                .filter(l -> !l.options().aquatic().orElse(false))
                .mapToDouble(Layer::wetness)
                .findFirst();
    }
}
