package tanah.core.plantplan;

import java.util.EnumSet;
import java.util.Set;
import tanah.core.plant.AnimalFit;
import tanah.core.plant.Refusal;
import tanah.core.plant.Suitability;
import tanah.core.planting.PlantFit;

/** Why a kind may not be planted at a station. */
public enum Bar {
    /** Its suitability there, with the animals, is below 0.50; below 0.30 where its keeper named the kind. */
    POOR,
    TOO_COLD,
    TOO_HOT,
    ROOT_PLACE,
    SOIL_TOO_SHALLOW,
    TOO_TALL,
    FLOODED,
    WATER_TOO_DEEP,
    NEEDS_WATER,
    CRUSHED_IN_PATH,
    IRRITANT_TO_GRAZER,
    SPINES_IN_REACH,
    TOXIC_TO_GRAZER,
    /** On the basking place or within 5 cm of it. */
    BASKING,
    /** In front of the door of a hide. */
    HIDE_DOOR,
    /** Where a probe or a nozzle has to stay free. */
    INSTRUMENT,
    /** Where a pump, a filter or a drain has to be reached. */
    ACCESS,
    /** Its sap hurts eyes and skin, and hands pass here. */
    SAP_AT_OPENING;

    /**
     * What rules a kind out at a place, with the animals that are there.
     *
     * @param least suitability at which it may stand there, 0 to 1
     */
    public static Set<Bar> of(PlantFit fit, double least) {
        Set<Bar> all = EnumSet.noneOf(Bar.class);
        fit.suitability().refused().forEach(r -> all.add(of(r)));
        fit.refused().forEach(r -> all.add(of(r)));
        if (all.isEmpty() && fit.score().orElse(0) < least) {
            all.add(POOR);
        }
        return all;
    }

    /** Whether a score is one at which a plant does not live. */
    public static boolean isPoor(double score) {
        return Suitability.Grade.of(score) == Suitability.Grade.REFUSED;
    }

    public static Bar of(Refusal refusal) {
        return valueOf(refusal.name());
    }

    public static Bar of(AnimalFit.Refused refused) {
        return valueOf(refused.name());
    }
}
