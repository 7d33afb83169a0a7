package tanah.core.catalogue;

import java.util.List;

/**
 * A loose or solid material. Densities are of the placed (settled), dry material, so a mass never depends on how
 * loosely a bag is filled. Most density and water values of organic media are recalled: show them with a band of
 * ±15 % for density and ±25 % for water.
 *
 * @param id             as in designs
 * @param name           plain trade name
 * @param kind           drainage, false_bottom, mineral, organic, amendment, aquatic, stone, wood, cork, foam
 * @param grain          shape of the grains
 * @param grainSize      median grain d50 (m)
 * @param dryDensity     placed, dry (kg/m³)
 * @param solidDensity   of the solid matter (kg/m³)
 * @param water          how it holds water
 * @param settling       loose volume for one placed volume, at least 1
 * @param texture        sand, clay and organic matter by mass
 * @param cohesion       none, low, medium or high
 * @param repose         angle of repose (rad)
 * @param ph             band of pH
 * @param fertiliser     carries nutrients that harm
 * @param lime           raises pH
 * @param salt           carries salt
 * @param flags          things to watch for, in words
 * @param price          for one loose litre, reference currency
 * @param provenance     of density, water and the rest
 */
public record Medium(
        String id,
        String name,
        String kind,
        Grain grain,
        double grainSize,
        double dryDensity,
        double solidDensity,
        WaterHolding water,
        double settling,
        Texture texture,
        String cohesion,
        double repose,
        Range ph,
        boolean fertiliser,
        boolean lime,
        boolean salt,
        List<String> flags,
        Range price,
        Sources provenance) {

    public Medium {
        flags = List.copyOf(flags);
        if (!(settling >= 1)) {
            throw new IllegalArgumentException(id + ": settling factor " + settling);
        }
    }

    /** Whether it can be poured as a layer. */
    public boolean isLoose() {
        return grain != Grain.SOLID;
    }

    public enum Grain {
        FINE,
        COARSE,
        SHEET,
        VOID,
        SOLID
    }

    /**
     * Water held, as shares of the placed volume; heads in metres of water.
     *
     * @param saturated     held after days under water
     * @param voids         space between grains that drains at once
     * @param fieldCapacity held at {@code fieldSuction}
     * @param fieldSuction  suction of the field capacity (m)
     * @param wilting       held at 153 m
     * @param airEntry      height of the saturated zone above a water table (m)
     * @param capillaryRise height of the visible damp front after a day (m)
     */
    public record WaterHolding(
            double saturated,
            double voids,
            double fieldCapacity,
            double fieldSuction,
            double wilting,
            double airEntry,
            double capillaryRise) {
        public WaterHolding {
            if (!(wilting <= fieldCapacity && fieldCapacity <= saturated && saturated <= 1)) {
                throw new IllegalArgumentException(
                        "water shares out of order: " + wilting + ", " + fieldCapacity + ", " + saturated);
            }
        }
    }

    /** Shares by mass. */
    public record Texture(double sand, double clay, double organic) {}

    /** Where the numbers come from. */
    public record Sources(String density, String water, String other) {}
}
