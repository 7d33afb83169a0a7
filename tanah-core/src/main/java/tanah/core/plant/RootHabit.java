package tanah.core.plant;

import java.util.Optional;
import java.util.Set;

/** How a kind roots, and so what it may be set on; common practice, no source. */
public enum RootHabit {
    SOIL(Set.of(RootPlace.SOIL)),
    /** The rhizome lies on the surface, never under it. */
    RHIZOME_ABOVE(Set.of(RootPlace.SOIL, RootPlace.MOUNT, RootPlace.MOSS_WALL)),
    MOUNTED(Set.of(RootPlace.MOUNT, RootPlace.MOSS_WALL)),
    /** A cutting that roots on moist moss. */
    MOSS_CUTTING(Set.of(RootPlace.MOSS_WALL, RootPlace.MOUNT)),
    /** Moss without roots. */
    SURFACE(Set.of(RootPlace.SOIL, RootPlace.MOSS_WALL, RootPlace.MOUNT)),
    /** Moss that grips any wet face. */
    MOSS_ATTACH(Set.of(RootPlace.SOIL, RootPlace.MOSS_WALL, RootPlace.MOUNT, RootPlace.UNDERWATER)),
    SUBMERGED_SOIL(Set.of(RootPlace.UNDERWATER)),
    FLOATING(Set.of(RootPlace.WATER_SURFACE));

    private final Set<RootPlace> places;

    RootHabit(Set<RootPlace> places) {
        this.places = places;
    }

    /**
     * Whether a kind of this habit may be set on something.
     *
     * @param positions of the kind: some widen what it may be set on
     * @param onMoss    whether it roots on moss too
     */
    public boolean allows(RootPlace place, Set<Position> positions, boolean onMoss) {
        return places.contains(place)
                || onMoss && place == RootPlace.MOSS_WALL
                || widens(place).filter(positions::contains).isPresent();
    }

    /** The position that opens a place to this habit. */
    private Optional<Position> widens(RootPlace place) {
        return switch (this) {
            case SOIL ->
                place == RootPlace.MOUNT
                        ? Optional.of(Position.EPIPHYTE)
                        : place == RootPlace.UNDERWATER ? Optional.of(Position.SUBMERGED) : Optional.empty();
            case RHIZOME_ABOVE, FLOATING ->
                place == RootPlace.UNDERWATER ? Optional.of(Position.SUBMERGED) : Optional.empty();
            case SUBMERGED_SOIL -> place == RootPlace.SOIL ? Optional.of(Position.EMERSED) : Optional.empty();
            case MOUNTED, MOSS_CUTTING, SURFACE, MOSS_ATTACH -> Optional.empty();
        };
    }
}
