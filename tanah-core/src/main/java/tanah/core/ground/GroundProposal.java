package tanah.core.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.catalogue.Species;
import tanah.core.design.Design;
import tanah.core.design.Ground;
import tanah.core.design.Layer;
import tanah.core.design.NewLayer;
import tanah.core.vessel.Vessel;

/**
 * A first ground for a species, to be changed at will: a mix that answers the soil it wants, deep enough for what it
 * does there and under the lip of the door, drainage where it is damp, leaves where it wants them. Which mix answers
 * which want is common practice.
 */
public final class GroundProposal {
    private static final double LITTER = 0.02;
    private static final double BELOW_LIP = 0.005;
    private static final double STEP = 0.005;
    private static final double LEAST_SOIL = 0.03;
    private static final double DRY_AIR = 0.5;
    private static final double DRY = 0.25;
    private static final double HALF_DRY_AIR = 0.65;
    private static final double HALF_DRY = 0.5;

    private GroundProposal() {}

    /** The ground proposed for this animal in this box. */
    public static Ground propose(Species species, Design design, Vessel vessel) {
        if (species.isAquatic()) {
            Layer sand = NewLayer.of(design, Layer.Kind.SUBSTRATE, "sand_play", 0.03);
            return Ground.EMPTY.insert(0, sand.withOptions(Layer.Options.NONE.withAquatic(true)));
        }
        boolean litter = species.wantsSoil("leaf") || damp(species);
        boolean lived = species.burrower() >= 3;
        boolean drains = damp(species) && !lived;
        double room = vessel.groundLimit() - BELOW_LIP;
        double drainage = drains ? DrainageRule.usualDepth(vessel.height()) : 0;
        double leaves = litter ? LITTER : 0;
        double wanted = Math.max(species.substratePreferred(), LEAST_SOIL);
        double soil = Math.max(LEAST_SOIL, Math.min(wanted, down(room - drainage - leaves)));
        List<Layer> layers = new ArrayList<>();
        if (drains) {
            layers.add(NewLayer.of(design, Layer.Kind.DRAINAGE, "expanded_clay_8_16", drainage));
        }
        Layer mixed = NewLayer.of(design, Layer.Kind.SUBSTRATE, mix(species), soil);
        double begins = wetness(species);
        layers.add(begins < 1 ? mixed.withWetness(begins) : mixed);
        if (litter) {
            layers.add(NewLayer.of(design, Layer.Kind.LITTER, "leaf_litter", leaves));
        }
        return Ground.EMPTY.withLayers(layers);
    }

    /** The mix of the catalogue that answers the soil a species wants. */
    public static String mix(Species s) {
        if (s.wantsSoil("brackish") || s.wantsSoil("salt-proof")) {
            return "brackish_shore";
        }
        if (s.wantsSoil("deep-humus")) {
            return s.group().equals("insect") && s.wantsSoil("rotten-wood")
                    ? "beetle_larva"
                    : "invertebrate_deep_humus";
        }
        if (s.isArid()) {
            return arid(s);
        }
        if (s.group().equals("tortoise") || (s.wantsSoil("sandy-loam") && !damp(s))) {
            return "savanna_soil";
        }
        if (s.group().equals("spider") && s.burrower() >= 2) {
            return "spider_burrow";
        }
        if (s.biome().equals("temperate") || s.group().equals("newt-salamander")) {
            return "temperate_woodland";
        }
        return s.burrower() >= 2 ? "tropical_deep" : "tropical_airy_peat_free";
    }

    private static String arid(Species s) {
        if (s.wantsSoil("fine-sand") && !s.mustHoldBurrow()) {
            return "loose_dune";
        }
        if (s.mustHoldBurrow() || s.wantsSoil("sand-clay")) {
            return "arid_burrow_clay_sand";
        }
        return s.biome().equals("semi-arid") ? "semi_arid_scrub" : "arid_loam";
    }

    /** How damp soil is kept for a species, as a share of what it can hold: dry air wants dry soil. From memory. */
    private static double wetness(Species s) {
        double air = s.humidityDay().max();
        return air <= DRY_AIR ? DRY : air <= HALF_DRY_AIR ? HALF_DRY : 1;
    }

    /** Whether the biome is damp enough that practice lays drainage. */
    public static boolean damp(Species s) {
        return List.of("tropical-humid", "montane-cool", "subtropical").contains(s.biome());
    }

    private static double down(double metres) {
        return Math.floor(metres / STEP + 1e-9) * STEP;
    }

    /** The school that fits the proposal, if it is not the default. */
    public static Optional<String> drainageSchool(Ground ground) {
        return ground.hasDrainage() ? Optional.of("layer") : Optional.of("none");
    }
}
