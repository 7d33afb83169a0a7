package tanah.core.plant;

/** How a kind of plant stands, which is how it is drawn and whether it can be cut back. */
public enum GrowthForm {
    AIR_PLANT,
    AQUATIC_ROSETTE,
    AQUATIC_STEM,
    BROMELIAD,
    CACTUS,
    CLIMBER,
    CLUMP,
    CREEPER,
    FERN,
    FLOATER,
    GRASS,
    LIVERWORT,
    MOSS,
    ORCHID,
    PALM,
    ROSETTE,
    SHRUB,
    SUCCULENT,
    TRAILER,
    TREE;

    /** Whether it can be kept under a height with scissors. */
    public boolean isPrunable() {
        return switch (this) {
            case CLIMBER, CREEPER, TRAILER, SHRUB, AQUATIC_STEM -> true;
            default -> false;
        };
    }
}
