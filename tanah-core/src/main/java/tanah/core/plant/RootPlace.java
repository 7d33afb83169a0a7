package tanah.core.plant;

/** What a plant holds to at a place. */
public enum RootPlace {
    SOIL,
    /** Wood, cork or rock. */
    MOUNT,
    /** A moist wall of moss or fibre, a bed of moss. */
    MOSS_WALL,
    /** Rooted below standing water. */
    UNDERWATER,
    /** Afloat. */
    WATER_SURFACE
}
