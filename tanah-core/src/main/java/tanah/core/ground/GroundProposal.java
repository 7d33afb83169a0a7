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
    private static final double LEAST_LITTER = 0.01;
    private static final double NOTHING = 1e-9;
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
            double deep = Math.min(LEAST_SOIL, room(vessel));
            Layer sand = NewLayer.of(design, Layer.Kind.SUBSTRATE, "sand_play", deep);
            return Ground.EMPTY.insert(0, sand.withOptions(Layer.Options.NONE.withAquatic(true)));
        }
        boolean litter = species.wantsSoil("leaf") || damp(species);
        boolean lived = species.burrower() >= 3;
        boolean drains = damp(species) && !lived;
        Depths depths =
                depths(drains ? DrainageRule.usualDepth(vessel.height()) : 0, litter ? LITTER : 0, species, vessel);
        List<Layer> layers = new ArrayList<>();
        if (depths.drainage() > 0) {
            layers.add(NewLayer.of(design, Layer.Kind.DRAINAGE, "expanded_clay_8_16", depths.drainage()));
        }
        Layer mixed = NewLayer.of(design, Layer.Kind.SUBSTRATE, mix(species), depths.soil());
        double begins = wetness(species);
        layers.add(begins < 1 ? mixed.withWetness(begins) : mixed);
        if (depths.leaves() > 0) {
            layers.add(NewLayer.of(design, Layer.Kind.LITTER, "leaf_litter", depths.leaves()));
        }
        return Ground.EMPTY.withLayers(layers);
    }

    /** Whether a box holds the least depth that an animal digs in, under its lip; an animal that does not dig asks for none. */
    public static boolean deepEnough(Species species, Vessel vessel) {
        return species.isAquatic() || room(vessel) >= digs(species) - NOTHING;
    }

    /** Depth that ground may have (m). */
    private static double room(Vessel vessel) {
        return down(vessel.groundLimit() - BELOW_LIP);
    }

    /** Least depth that an animal digs in (m). */
    private static double digs(Species species) {
        return species.burrower() > 0 ? species.substrateMin() : 0;
    }

    private record Depths(double drainage, double soil, double leaves) {}

    /**
     * Depths that stay under the lip. Where not all has room the soil gives way first, down to the least that the animal
     * digs in and that roots and crew live in, then the drainage and the leaves to the least that serves; then the
     * drainage is left out: a low box is kept by watering sparingly (common practice).
     */
    private static Depths depths(double drainage, double leaves, Species species, Vessel vessel) {
        double room = room(vessel);
        double least = Math.max(LEAST_SOIL, digs(species));
        double wanted = Math.max(species.substratePreferred(), least);
        double drains = Math.min(drainage, Math.max(DrainageRule.LEAST, room - leaves - least));
        boolean fits = drainage > 0 && room - drains - Math.min(leaves, LEAST_LITTER) >= least - NOTHING;
        double below = fits ? drains : 0;
        double spare = Math.min(leaves, room - below - least);
        double litter = spare < LEAST_LITTER - NOTHING ? 0 : spare;
        return new Depths(below, Math.min(wanted, down(room - below - litter)), litter);
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
