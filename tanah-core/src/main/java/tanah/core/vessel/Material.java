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
    ALUMINIUM_MESH
}
