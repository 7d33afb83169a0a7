package tanah.core.plant;

/** Why a plant cannot live at a place, whatever else is good there. */
public enum Refusal {
    TOO_COLD,
    TOO_HOT,
    ROOT_PLACE,
    SOIL_TOO_SHALLOW,
    TOO_TALL,
    FLOODED,
    WATER_TOO_DEEP,
    NEEDS_WATER
}
