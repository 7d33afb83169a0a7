package tanah.core.crew;

import java.util.Map;

/**
 * What animals leave in a day, dry, out of what they live on: field metabolic rate 0.196 M^0.889 kJ a day for M in grams (Nagy 2005,
 * J. Exp. Biol. 208:1621-1625, reptiles), an animal in a box less. It is a mean over species: the band is 0.4 to 2.5 times (memory).
 *
 * @param metabolism of one wild animal of this mass (W)
 * @param intake     food of all (kg a day)
 * @param faeces     kg a day
 * @param urate      kg a day; of reptiles only
 * @param uneaten    kg a day
 */
public record AnimalWaste(double metabolism, double intake, double faeces, double urate, double uneaten) {
    /** Of the wild metabolism; common practice, 0.4 to 1.0. */
    public static final double KEPT = 0.6;

    private static final double SCALE = 0.196; // kJ a day
    private static final double POWER = 0.889;
    private static final double KILOJOULE_A_DAY = 1000.0 / 86400; // W
    private static final double DAY = 86400; // s
    private static final double NOT_IN_FAECES = 0.85; // of the nitrogen, memory
    private static final double AS_URATE = 0.90; // of that, memory
    private static final double OF_URIC_ACID = 4 * 14.007 / 168.11; // nitrogen, by mass
    private static final double LEFT = 0.05; // of the food, memory, 0 to 0.2
    private static final double LITTER = 0.005; // of the fresh mass a day, memory, 0.003 to 0.015
    private static final double ASSIMILATED = 0.20; // memory
    private static final double ALL = 1e-6;

    /** Animals by how they live; factors of the metabolism from memory. */
    public enum Group {
        REPTILE(1),
        /** Their nitrogen leaves in the water, not as urate. */
        AMPHIBIAN(0.5),
        INVERTEBRATE_PREDATOR(0.1);

        private final double factor;

        Group(double factor) {
            this.factor = factor;
        }
    }

    /** What a floor gets of it; limits are common practice, no source. */
    public enum Load {
        LIGHT(0.15e-3),
        NORMAL(0.5e-3),
        HEAVY(1.5e-3),
        OVERLOADED(Double.POSITIVE_INFINITY);

        private final double most;

        Load(double most) {
            this.most = most;
        }
    }

    /** Litter that is eaten, and what of it comes back as frass, for animals that live on it (kg a day). */
    public record Eaten(double litter, double frass) {}

    /**
     * @param mass  of one (kg)
     * @param diet  shares of its energy, which sum to 1
     * @param share of the wild metabolism, such as {@link #KEPT}
     * @throws IllegalArgumentException for shares that do not sum to 1
     */
    public static AnimalWaste of(Group group, double mass, int count, Map<Diet, Double> diet, double share) {
        double sum = diet.values().stream().mapToDouble(d -> d).sum();
        if (Math.abs(sum - 1) > ALL) {
            throw new IllegalArgumentException("shares of a diet sum to " + sum);
        }
        double wild = SCALE * Math.pow(mass * 1000, POWER) * KILOJOULE_A_DAY;
        double energy = share * group.factor * wild * count * DAY;
        double intake = 0;
        double faeces = 0;
        double nitrogen = 0;
        for (Map.Entry<Diet, Double> part : diet.entrySet()) {
            double eaten = part.getValue() * energy / part.getKey().metabolised();
            intake += eaten;
            faeces += eaten * part.getKey().faeces();
            nitrogen += eaten * part.getKey().nitrogen() * NOT_IN_FAECES;
        }
        return new AnimalWaste(
                wild, intake, faeces, group == Group.REPTILE ? nitrogen * AS_URATE / OF_URIC_ACID : 0, LEFT * intake);
    }

    /** Of animals that eat the litter itself, such as millipedes. */
    public static Eaten ofLitter(double mass, int count) {
        double eaten = LITTER * mass * count;
        return new Eaten(eaten, (1 - ASSIMILATED) * eaten);
    }

    /** All that lies on the floor (kg a day). */
    public double waste() {
        return faeces + urate + uneaten;
    }

    /** @param floor m² of land */
    public Load load(double floor) {
        double flux = waste() / floor;
        for (Load l : Load.values()) {
            if (flux <= l.most) {
                return l;
            }
        }
        return Load.OVERLOADED;
    }
}
