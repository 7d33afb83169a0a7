package tanah.core.planting;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.DoubleUnaryOperator;
import tanah.core.plant.Plant;
import tanah.core.plant.Spot;
import tanah.core.time.Season;

/**
 * A place where something can grow, with its climate on the worst winter and summer day.
 *
 * @param x       from the left (m)
 * @param y       from the front (m)
 * @param z       foot (m)
 * @param spots   by season; their light is that at the foot
 * @param light   of a day by the height over the foot (m to mol/m²)
 * @param peak    strongest light by the height over the foot (m to mol/m² s)
 */
public record GrowingPlace(
        double x, double y, double z, Map<Season, Spot> spots, DoubleUnaryOperator light, DoubleUnaryOperator peak) {
    public GrowingPlace {
        spots = Collections.unmodifiableMap(new EnumMap<>(spots));
        light = kept(light);
        peak = kept(peak);
    }

    /** Many kinds are of one height: each height is asked once. */
    private static DoubleUnaryOperator kept(DoubleUnaryOperator asked) {
        Map<Double, Double> known = new ConcurrentHashMap<>();
        return height -> known.computeIfAbsent(height, asked::applyAsDouble);
    }

    public Spot spot(Season season) {
        return Objects.requireNonNull(spots.get(season));
    }

    /** The place as leaves at a height over the foot meet it (m). */
    public Spot spot(Season season, double height) {
        return spot(season)
                .withDaily(java.util.OptionalDouble.of(light.applyAsDouble(height)))
                .withPeak(java.util.OptionalDouble.of(peak.applyAsDouble(height)));
    }

    /** The place as a young piece of a kind meets it. */
    public Spot spot(Season season, Plant plant) {
        return spot(season, plant.height().start());
    }
}
