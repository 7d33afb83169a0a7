package tanah.core.plant;

import java.util.Set;

/**
 * A kind of plant by what it wants. All figures are common practice or from memory; the catalogue says which.
 *
 * @param prunable   whether it can be cut back to a height (climbers, creepers, trailers, shrubs, stems in water)
 * @param aquatic    whether it lives in water
 * @param regions    where it grows wild: level 2 of the World Geographical Scheme for Recording Plant Distributions (Brummitt 2001)
 */
public record Plant(
        String id,
        String scientificName,
        Size height,
        Size spread,
        Acclimation acclimation,
        boolean prunable,
        boolean aquatic,
        Set<Position> positions,
        Roots roots,
        Light light,
        Warmth warmth,
        Range humidity,
        Range moisture,
        Wet wet,
        Ground ground,
        Touch touch,
        Set<String> regions) {

    public Plant {
        positions = Set.copyOf(positions);
        regions = Set.copyOf(regions);
    }

    /** Water over field capacity of a medium whose every pore is full, as far as it makes a difference. */
    public static final double SOAKED = 1.6;

    /** Wettest that it bears (water of its medium over that medium's field capacity); what bears floods bears soaked ground. */
    public double wettest() {
        return switch (wet.flood()) {
            case 3 -> SOAKED;
            case 2 -> Math.max(1.4, moisture.most());
            default -> moisture.most();
        };
    }

    /**
     * Height or spread under glass (m).
     *
     * @param start  of a piece from the nursery
     * @param year   after 12 months where all is as it likes it
     * @param mature the limit
     */
    public record Size(double start, double year, double mature) {
        public Size {
            if (!(start > 0 && year > 0 && mature > 0)) {
                throw new IllegalArgumentException("a size of nothing");
            }
        }
    }

    /**
     * Its first weeks in the box.
     *
     * @param weeks before a piece from the nursery grows on
     * @param loss  share of its spread that it loses meanwhile
     */
    public record Acclimation(double weeks, double loss) {}

    /**
     * What it roots in.
     *
     * @param onMoss whether it roots on moss too
     * @param depth  least depth of soil (m)
     */
    public record Roots(RootHabit habit, boolean onMoss, double depth) {}

    /**
     * Least that it lives on, what it likes and most that it bears: humidity as a share of saturation over a day, water of its medium
     * over that medium's field capacity, light of a day (mol/m²).
     */
    public record Range(double least, double liked, double most) {
        public Range {
            if (!(least <= liked && liked <= most)) {
                throw new IllegalArgumentException(least + " to " + liked + " to " + most);
            }
        }
    }

    /**
     * Light at its leaves.
     *
     * @param daily of a day (mol/m²)
     * @param most  at any moment (mol/m² s)
     */
    public record Light(Range daily, double most) {}

    /** Whether cold weeks do it good. */
    public enum WinterRest {
        NONE(0),
        HELPFUL(6),
        NEEDED(8);

        private final double weeks;

        WinterRest(double weeks) {
            this.weeks = weeks;
        }

        /** How many weeks below 10 °C do; common practice, no source. */
        public double weeks() {
            return weeks;
        }
    }

    /**
     * Temperatures (°C); it dies outside the outer two and grows as usual between the inner two.
     *
     * @param nightDrop by how much cooler it wants its nights (K)
     */
    public record Warmth(
            double dies, double thrives, double thrivesTo, double diesOver, double nightDrop, WinterRest rest) {
        private static final double COOLER = 4; // K below its days that a night may be; common practice
        private static final double ALIVE = 1; // K over what kills it

        /** Coolest night at which it grows as usual (°C). */
        public double nightFrom() {
            return Math.max(dies + ALIVE, thrives - COOLER);
        }

        /** Warmest night at which it grows as usual (°C). */
        public double nightTo() {
            return thrivesTo - nightDrop;
        }
    }

    /**
     * How it bears water and its lack.
     *
     * @param dryDays    longest dry spell
     * @param drip       class of drips that it bears, 0 to 3
     * @param flood      class of flooding that it bears, 0 to 3
     * @param floodDepth deepest water over its soil (m)
     * @param leafHours  longest that its leaves may stay wet in a day
     * @param airflow    class of moving air that it needs, 0 to 3
     */
    public record Wet(double dryDays, int drip, int flood, double floodDepth, double leafHours, int airflow) {}

    /** pH of its medium, and whether lime harms it. */
    public record Ground(double leastPh, double mostPh, boolean avoidsLime) {}

    /** What it does to whoever eats it; from memory, not a veterinary statement. */
    public enum Toxicity {
        SAFE,
        IRRITANT,
        TOXIC
    }

    /**
     * What passes between it and an animal.
     *
     * @param trample class of trampling that it bears, 0 to 3
     * @param climb   class of climbing that it bears, 0 to 3
     * @param spines  0 to 3
     */
    public record Touch(int trample, int climb, Toxicity toxicity, int spines) {}
}
