package tanah.core.mapping;

import static tanah.core.physics.Constants.WATER_DENSITY;

import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.box.Floor;
import tanah.core.design.Layer;
import tanah.core.ground.Soil;

/** What the layers of one place say of its water, gathered from the bottom up. */
final class SoilUnder {
    private static final double LITTER_COVER = 0.8; // of a layer of leaves over the soil, common practice
    private static final double SKIN = 0.012; // m that dries first

    private double depth;
    private double store;
    private double wet = 1;
    private double cover;
    private double absorptance = 0.85;
    private double reservoir;
    private double voids;

    /** Nothing that holds water. */
    static Floor.Soil dry() {
        return new Floor.Soil(0, 0, SKIN, 0, OptionalDouble.empty(), 0, 0, 0);
    }

    /** Share of the light that the topmost layer takes up. */
    double absorptance() {
        return absorptance;
    }

    /** Share of the soil that something covers. */
    double cover() {
        return cover;
    }

    /** @param left share of it that pieces leave */
    void take(Layer layer, Optional<Soil> soil, double thick, double left) {
        absorptance = layer.absorptance();
        switch (layer.kind()) {
            case LITTER -> cover = Math.max(cover, LITTER_COVER);
            case SUBSTRATE -> {
                double held = left * soil.map(Soil::fieldCapacity).orElse(0.0) * thick;
                wet = store + held > 0 ? (wet * store + layer.wetness() * held) / (store + held) : layer.wetness();
                store += held;
                depth += thick;
                cover = layer.cover();
            }
            case DRAINAGE, FALSE_BOTTOM -> {
                double open = left
                        * soil.map(s -> Math.max(0, s.water().saturated() - s.fieldCapacity()))
                                .orElse(layer.options().voidOpen().orElse(0.95));
                voids = (voids * reservoir + open * thick) / (reservoir + thick);
                reservoir += thick;
            }
        }
    }

    /**
     * What is there.
     *
     * @param area  m²
     * @param level of the water in its pores, over the lowest layer's underside (m)
     */
    Floor.Soil soil(double area, double level) {
        double standing = WATER_DENSITY * voids * area * Math.max(0, Math.min(reservoir, level));
        double capacity = depth > 0 ? store / depth : 0;
        return new Floor.Soil(
                depth, capacity, SKIN, depth > 0 ? wet : 0, OptionalDouble.empty(), reservoir, voids, standing);
    }
}
