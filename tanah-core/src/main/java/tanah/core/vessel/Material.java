package tanah.core.vessel;

/** What the walls are made of. */
public enum Material {
    GLASS_ANNEALED,
    GLASS_TEMPERED,
    ACRYLIC,
    POLYCARBONATE,
    PVC_FOAM,
    PLYWOOD,
    POLYPROPYLENE,
    ALUMINIUM_MESH;

    /** Whether light goes through a sheet of it. */
    public boolean isClear() {
        return switch (this) {
            case GLASS_ANNEALED, GLASS_TEMPERED, ACRYLIC, POLYCARBONATE -> true;
            case PVC_FOAM, PLYWOOD, POLYPROPYLENE, ALUMINIUM_MESH -> false;
        };
    }
}
