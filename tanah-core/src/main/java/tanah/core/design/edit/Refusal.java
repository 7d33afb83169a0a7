package tanah.core.design.edit;

import tanah.core.design.PieceLook;

/** Why a change cannot be made on a plan. */
public enum Refusal {
    VESSEL_FIRST("vessel.first"),
    WATER_FIRST("water.first"),
    OVER_RIM("level.rim"),
    OUT_OF_RANGE("number.beyond"),
    UNKNOWN_MEDIUM("media.unknown"),
    UNKNOWN_ITEM("choice"),
    UNKNOWN_PLANT("plant.unknown"),
    UNKNOWN_CREW("crew.unknown"),
    NOWHERE_TO_PLANT("plant.nowhere"),
    NOWHERE_FOR_REFUGE("refuge.nowhere"),
    COVER_TURNED("plantplan.turned"),
    WEIGHT_RANGE("plantplan.weight"),
    ANIMALS_MANY("animals.many", PlanLimits.ANIMALS),
    DEVICES_MANY("devices.many", PlanLimits.DEVICES),
    OPENINGS_MANY("devices.many", PlanLimits.OPENINGS),
    PIECES_MANY("pieces.many", PlanLimits.PIECES),
    DOSES_MANY("crew.many", PlanLimits.DOSES),
    REFUGES_MANY("refuges.many", PlanLimits.REFUGES),
    PLANTS_MANY("plants.many", PlanLimits.PLANTS),
    RAMPS_MANY("ramps.many", PlanLimits.RAMPS),
    LAYERS_MANY("layers.many", PlanLimits.LAYERS),
    ISLET_SMALL("islet.small"),
    POOL_NONE("pool.none"),
    CORNER_GONE("corner.gone"),
    CORNERS_MANY("corners.many", PieceLook.MOST),
    CORNERS_FEW("corners.few", PieceLook.FEWEST);

    private final String word;
    private final int most;

    Refusal(String word) {
        this(word, 0);
    }

    Refusal(String word, int most) {
        this.word = word;
        this.most = most;
    }

    /** The word in message keys. */
    public String word() {
        return word;
    }

    /** How many a plan holds; 0 where it is not a matter of number. */
    public int most() {
        return most;
    }
}
