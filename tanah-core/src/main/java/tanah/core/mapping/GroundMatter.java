package tanah.core.mapping;

import java.util.Optional;
import tanah.core.box.Matter;
import tanah.core.box.Sheet;
import tanah.core.design.Dam;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Layer;
import tanah.core.ground.Soil;

/**
 * How ground, walls and pieces conduct and store heat. Loose media by their water: dry mineral 0.3, at field capacity 1.0 W/mK;
 * dry organic 0.08, at field capacity 0.42; heat by solids and water. Values of the kind found in handbooks, from memory, ±30 %.
 */
final class GroundMatter {
    private static final double MINERAL_DRY = 0.3; // W/m K
    private static final double MINERAL_MOIST = 1.0;
    private static final double ORGANIC_DRY = 0.08;
    private static final double ORGANIC_MOIST = 0.42;
    private static final double LIGHT_DRY = 0.12; // porous grains such as clay balls
    private static final double LIGHT_WET = 0.55;
    private static final double LIGHT = 900; // kg/m³ under which dry mineral grains are porous
    private static final double SOLIDS = 2.0e6; // J/m³ K
    private static final double WATER = 4.18e6;
    private static final double VOID = 0.25; // W/m K of a chamber under a plate, its water and air moving
    private static final double VOID_DRY = 0.05e6; // J/m³ K of its supports and air

    private GroundMatter() {}

    /**
     * A layer as it lies.
     *
     * @param soil      empty for a chamber
     * @param thickness m
     * @param wet       whether it stands in the water
     */
    static Sheet layer(Layer layer, Optional<Soil> soil, double thickness, boolean wet) {
        if (soil.isEmpty()) {
            return new Sheet(wet ? 0.60 : VOID, wet ? WATER : VOID_DRY, thickness);
        }
        Soil s = soil.get();
        double capacity = Math.max(0.01, s.fieldCapacity());
        double held = wet ? s.water().saturated() : capacity * Math.min(1.2, layer.wetness());
        double organic = Math.max(0, Math.min(1, s.organicVolume()));
        boolean light = s.dryDensity() < LIGHT && organic < 0.5;
        double dry = light ? LIGHT_DRY : MINERAL_DRY;
        double moist = light ? LIGHT_WET : MINERAL_MOIST;
        double share = Math.min(1, held / (light ? Math.max(capacity, s.water().saturated()) : capacity));
        double mineral = dry + (moist - dry) * share;
        double plant = ORGANIC_DRY + (ORGANIC_MOIST - ORGANIC_DRY) * share;
        double pores = Math.min(0.97, Math.max(s.water().saturated(), 1 - s.dryDensity() / density(s)));
        return new Sheet((1 - organic) * mineral + organic * plant, (1 - pores) * SOLIDS + held * WATER, thickness);
    }

    private static double density(Soil s) {
        double sum = 0;
        double shares = 0;
        for (Soil.Part p : s.parts()) {
            sum += p.settledShare() * p.medium().solidDensity();
            shares += p.settledShare();
        }
        return shares > 0 ? Math.max(s.dryDensity() * 1.02, sum / shares) : 2650;
    }

    /** The wall between land and water, for its whole height. */
    static Sheet wall(Dam dam, double height) {
        return switch (dam.kind()) {
            case "glass" -> Matter.GLASS.sheet(height);
            case "acrylic" -> Matter.ACRYLIC.sheet(height);
            case "stones" -> Matter.STONE.sheet(height);
            case "wood" -> Matter.WOOD.sheet(height);
            default -> Matter.XPS.sheet(height);
        };
    }

    /** A piece as a raised surface. */
    static Sheet piece(HardscapeItem item, double thickness) {
        return switch (item.kind().orElse("stone")) {
            case "wood" -> Matter.WOOD.sheet(thickness);
            case "cork" -> Matter.CORK.sheet(thickness);
            case "foam" -> Matter.XPS.sheet(thickness);
            default ->
                item.media().filter(m -> m.contains("slate")).isPresent()
                        ? Matter.SLATE.sheet(thickness)
                        : Matter.STONE.sheet(thickness);
        };
    }

    /** What insulation or a background is made of, by the word in the plan; unknown ones as expanded polystyrene. */
    static Matter insulation(String material) {
        String word = material.toLowerCase(java.util.Locale.ROOT).replace('-', '_');
        for (Matter matter : Matter.values()) {
            if (word.equals(matter.name().toLowerCase(java.util.Locale.ROOT))) {
                return matter;
            }
        }
        if (word.contains("cork")) {
            return Matter.CORK;
        }
        if (word.contains("pu")) {
            return Matter.PU_FOAM;
        }
        if (word.contains("pvc")) {
            return Matter.PVC_FOAM;
        }
        if (word.contains("wood") || word.contains("ply")) {
            return Matter.PLYWOOD;
        }
        return word.contains("glass") ? Matter.GLASS : Matter.XPS;
    }
}
