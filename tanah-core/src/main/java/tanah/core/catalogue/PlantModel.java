package tanah.core.catalogue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import tanah.core.plant.GrowthForm;
import tanah.core.plant.Plant;

/**
 * A kind of plant that is sold or passed on. All figures are common practice or from memory; toxicity is not a veterinary statement.
 *
 * @param needs      what it wants of a place
 * @param form       how it stands
 * @param names      what it is called
 * @param pots       how it is bought
 * @param cover      what it gives an animal
 * @param hazards    what it does to whoever meets it
 * @param handling   before and at planting
 * @param confidence in the identity and the range of the row: high, medium, low
 */
public record PlantModel(
        Plant needs,
        GrowthForm form,
        Names names,
        Pots pots,
        Cover cover,
        Hazards hazards,
        Handling handling,
        String confidence) {

    /**
     * @param synonyms older and other Latin names
     * @param group    how growers sort it
     */
    public record Names(String common, String family, String group, List<String> synonyms) {
        public Names {
            synonyms = List.copyOf(synonyms);
        }
    }

    /**
     * @param pieces that one pot gives by division or cuttings
     * @param perM2  pieces wanted on a square metre (1/m²)
     * @param basis  of that: spacing after a year, plugs of a carpet, pieces wanted
     * @param price  band of a pot
     */
    public record Pots(int pieces, double perM2, String basis, Optional<PriceBand> price) {}

    /**
     * @param shade light that it keeps from what is under it, 0 to 3
     * @param hide  cover that it gives low down, 0 to 3
     */
    public record Cover(int shade, int hide) {
        private static final double[] PASSES = {0.95, 0.7, 0.4, 0.15}; // common practice, no source
        private static final double EXTINCTION = 0.5;

        /** Share of the light that passes through it. */
        public double passes() {
            return PASSES[shade];
        }

        /** Leaf area over ground area, from the light that passes by Beer's law (Monsi and Saeki 1953) with an extinction of 0.5. */
        public double leafArea() {
            return -Math.log(passes()) / EXTINCTION;
        }
    }

    /**
     * @param toxin    class of what it holds, if known
     * @param part     where
     * @param sap      0 to 3
     * @param sapNote  what it does
     * @param invasive 0 none, 1 weedy or naturalising, 2 regulated in some country
     * @param spread   what is known of that
     */
    public record Hazards(
            Optional<String> toxin,
            Optional<String> part,
            int sap,
            Optional<String> sapNote,
            int invasive,
            Optional<String> spread) {}

    /**
     * @param propagation  ways to make more of it
     * @param underWater   weeks that stock grown under water takes to get used to air
     * @param wash         what to do before planting
     * @param note         a caution or a hint
     */
    public record Handling(List<String> propagation, double underWater, String wash, Optional<String> note) {
        private static final double ROOT = 0.8; // share of cuttings that root; common practice, no source
        private static final Set<String> CUTTINGS = Set.of("stem_cutting", "leaf", "runner");

        public Handling {
            propagation = List.copyOf(propagation);
        }

        /** Share of its pieces that grows on: of cuttings some do not root. */
        public double takes() {
            return CUTTINGS.containsAll(propagation) ? ROOT : 1;
        }
    }

    public String id() {
        return needs.id();
    }

    public String scientificName() {
        return needs.scientificName();
    }

    public String commonName() {
        return names.common();
    }

    /** Whether its row rests on little. */
    public boolean isLittleKnown() {
        return confidence.equals("low");
    }
}
