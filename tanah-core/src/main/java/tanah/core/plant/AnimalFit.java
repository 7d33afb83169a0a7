package tanah.core.plant;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/**
 * A plant and an animal at one place: what the animal does to the plant, and the plant to the animal. Classes and factors are common
 * practice, no source; toxicity is from memory and not a veterinary statement.
 *
 * @param factor  by which a plant's suitability is taken; 0 with any refusal
 * @param nativeTo 1 where both come from one region, 0.6 from one continent, else 0.3: a wish, not a need
 * @param refused why they cannot be together there
 * @param reasons what lowers the factor, or has to be known
 */
public record AnimalFit(double factor, double nativeTo, Set<Refused> refused, Set<Reason> reasons) {
    private static final double[] BORNE = {1, 0.6, 0.25, 0.05}; // by classes that the plant falls short
    private static final double[] TRAMPLES = {0.015, 0.1, 0.6}; // kg at which the next class begins
    private static final double[] CLIMBS = {0.010, 0.060, 0.4}; // kg
    private static final int DIGS_MUCH = 2;
    private static final double GRAZES = 0.02; // share of its food that is plants
    private static final double GRAZES_MUCH = 0.3;
    private static final int SHARP = 3;
    private static final double PRICKED = 0.015; // kg; lighter ones walk between the spines

    /** Why a plant and an animal cannot be together at a place. */
    public enum Refused {
        CRUSHED_IN_PATH,
        IRRITANT_TO_GRAZER,
        SPINES_IN_REACH,
        TOXIC_TO_GRAZER
    }

    /** What an animal does to a plant there, or what its keeper has to know. */
    public enum Reason {
        TRAMPLE,
        CLIMB,
        IRRITANT,
        GRAZED,
        /** Insects that are fed must not feed on it, its sap must not drip into water. */
        TOXIC_NOTE
    }

    /**
     * An animal as plants meet it.
     *
     * @param mass       kg
     * @param digs       0 to 3
     * @param plantShare of its food, 0 to 1
     * @param regions    as for {@link Plant#regions}
     */
    public record Animal(double mass, boolean climbs, int digs, double plantShare, Set<String> regions) {
        public Animal {
            regions = Set.copyOf(regions);
        }

        /** Class of its weight on what grows, 0 to 3. */
        public int tramples() {
            return Math.min(3, level(mass, TRAMPLES) + (digs >= DIGS_MUCH ? 1 : 0));
        }

        /** Class of its weight on what it climbs, 0 to 3; 0 where it does not. */
        public int climbing() {
            return climbs ? level(mass, CLIMBS) : 0;
        }
    }

    public AnimalFit {
        refused = Collections.unmodifiableSet(refused);
        reasons = Collections.unmodifiableSet(reasons);
    }

    private static int level(double mass, double[] from) {
        int level = 0;
        while (level < from.length && mass >= from[level]) {
            level++;
        }
        return level;
    }

    public static AnimalFit of(Plant plant, Animal animal, Reach reach) {
        Set<Refused> refused = EnumSet.noneOf(Refused.class);
        Set<Reason> reasons = EnumSet.noneOf(Reason.class);
        double factor = worn(plant, animal, reach, refused, reasons) * eaten(plant, animal, reach, refused, reasons);
        boolean near = reach == Reach.PATH || reach == Reach.OPEN;
        if (plant.touch().spines() >= SHARP && near && animal.mass() >= PRICKED) {
            refused.add(Refused.SPINES_IN_REACH);
        }
        return new AnimalFit(
                refused.isEmpty() ? factor : 0, shared(plant.regions(), animal.regions()), refused, reasons);
    }

    private static double worn(Plant plant, Animal animal, Reach reach, Set<Refused> refused, Set<Reason> reasons) {
        int trampled = animal.tramples() - plant.touch().trample();
        int climbed = animal.climbing() - plant.touch().climb();
        int shortBy = Math.max(0, Math.max(trampled, climbed));
        if (shortBy > 0 && reach.exposure() > 0) {
            reasons.add(climbed > trampled ? Reason.CLIMB : Reason.TRAMPLE);
        }
        if (shortBy == BORNE.length - 1 && reach == Reach.PATH) {
            refused.add(Refused.CRUSHED_IN_PATH);
        }
        return 1 - reach.exposure() * (1 - BORNE[shortBy]);
    }

    private static double eaten(Plant plant, Animal animal, Reach reach, Set<Refused> refused, Set<Reason> reasons) {
        double share = animal.plantShare();
        Plant.Toxicity toxicity = plant.touch().toxicity();
        if (toxicity == Plant.Toxicity.TOXIC && share < GRAZES) {
            reasons.add(Reason.TOXIC_NOTE);
        }
        if (reach.exposure() == 0 || share <= 0) {
            return 1;
        }
        return switch (toxicity) {
            case TOXIC -> {
                if (share >= GRAZES) {
                    refused.add(Refused.TOXIC_TO_GRAZER);
                }
                yield 1;
            }
            case IRRITANT -> {
                if (share >= GRAZES_MUCH) {
                    refused.add(Refused.IRRITANT_TO_GRAZER);
                    yield 1;
                }
                reasons.add(Reason.IRRITANT);
                yield 1 - reach.exposure() * Math.min(0.6, 2 * share);
            }
            case SAFE -> {
                reasons.add(Reason.GRAZED);
                yield 1 - reach.exposure() * share / 2;
            }
        };
    }

    /** By the code of a region, whose first digit is its continent. */
    private static double shared(Set<String> one, Set<String> other) {
        if (one.stream().anyMatch(other::contains)) {
            return 1;
        }
        boolean continent = one.stream().anyMatch(a -> other.stream().anyMatch(b -> a.charAt(0) == b.charAt(0)));
        return continent ? 0.6 : 0.3;
    }
}
