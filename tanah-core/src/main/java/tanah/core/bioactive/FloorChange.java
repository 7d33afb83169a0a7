package tanah.core.bioactive;

/** One change of a floor. */
public sealed interface FloorChange {
    /**
     * Set a kind.
     *
     * @param week after the build
     */
    record Set(String species, int count, double week) implements FloorChange {}

    /** Leave out a kind that does not live there. */
    record LeaveOut(String species) implements FloorChange {}

    /** Raise the number of a kind that is set. */
    record More(String species, int count) implements FloorChange {}

    /**
     * Keep a part of the floor damp, or dry.
     *
     * @param share of the land
     * @param water to wet it first (m³)
     */
    record Keep(boolean damp, double share, double water) implements FloorChange {}

    /**
     * Lay litter, or more of it.
     *
     * @param depth  m
     * @param volume loose (m³)
     */
    record Litter(double depth, double volume) implements FloorChange {}

    /** Take a share of the waste out by hand. */
    record Spot(double share) implements FloorChange {}
}
