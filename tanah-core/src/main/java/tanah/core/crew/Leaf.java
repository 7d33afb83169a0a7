package tanah.core.crew;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Leaves and wood that lie as litter, by the rate at which they rot at 24 °C, moist (1 a year); all from memory, a factor of 1.5 either way. */
public enum Leaf {
    EVERGREEN_OAK(0.7),
    MAGNOLIA(0.7),
    SEA_GRAPE(0.7),
    BEECH(0.8),
    DECIDUOUS_OAK(1.0),
    BAMBOO(1.2),
    MANGO(1.4),
    INDIAN_ALMOND(1.6),
    BIRCH(1.6),
    GUAVA(1.8),
    BANANA(2.5),
    MAPLE(2.0),
    HORNBEAM(2.0),
    HAZEL(2.0),
    ALDER(3.0),
    LIME_TREE(3.0),
    GRAPE(3.0),
    MULBERRY(4.0),
    HAY(4.0),
    ROTTEN_WOOD(0.5),
    PINE_NEEDLES(0.5),
    BARK(0.2),
    COCONUT_FIBRE(0.15),
    BOG_MOSS(0.15);

    private final double rate;

    Leaf(double rate) {
        this.rate = rate;
    }

    /** 1 a year. */
    public double rate() {
        return rate;
    }

    /** The word in documents. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<Leaf> of(String word) {
        for (Leaf leaf : values()) {
            if (leaf.word().equals(word)) {
                return Optional.of(leaf);
            }
        }
        return Optional.empty();
    }

    /**
     * Of a mix by its parts, those that are known; a common oak where none is.
     *
     * @param parts word to mass
     */
    public static double rate(Map<String, Double> parts) {
        double all = 0;
        double sum = 0;
        for (Map.Entry<String, Double> part : parts.entrySet()) {
            Optional<Leaf> leaf = of(part.getKey());
            if (leaf.isPresent()) {
                all += part.getValue();
                sum += part.getValue() * leaf.get().rate;
            }
        }
        return all > 0 ? sum / all : DECIDUOUS_OAK.rate;
    }
}
