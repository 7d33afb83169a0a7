package tanah.core.plantplan;

import tanah.core.plant.RootPlace;

/**
 * A place that one plant may take.
 *
 * @param on    what it would hold to
 * @param x     from the left (m)
 * @param y     from the front (m)
 * @param z     foot over the base (m)
 * @param low   height that what is behind it leaves to a plant after a year (m); as tall as the box at the back
 * @param hide  whether it is near a hide
 * @param damp  whether it is near the damp retreat
 * @param third of the length: 0 left, 1 middle, 2 right
 */
public record PlanStation(
        String id, RootPlace on, double x, double y, double z, double low, boolean hide, boolean damp, int third) {
    /** Whether a plant there covers ground. */
    public boolean isGround() {
        return on == RootPlace.SOIL;
    }

    /** Whether two stations are in one layer, so that plants there get in each other's way. */
    boolean isBeside(PlanStation other) {
        return layer() == other.layer();
    }

    private int layer() {
        return switch (on) {
            case SOIL -> 0;
            case MOUNT, MOSS_WALL -> 1;
            case WATER_SURFACE -> 2;
            case UNDERWATER -> 3;
        };
    }

    double distance(PlanStation other) {
        return Math.hypot(Math.hypot(x - other.x, y - other.y), z - other.z);
    }
}
