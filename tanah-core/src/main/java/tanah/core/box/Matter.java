package tanah.core.box;

import tanah.core.light.Glazing;

/**
 * What panes and ground are made of. Handbook values from memory unless noted; conductivity of ground media ±30 %.
 */
public enum Matter {
    /** EN ISO 10456. */
    GLASS(1.0, 2.10e6),
    ACRYLIC(0.19, 1.75e6),
    POLYCARBONATE(0.20, 1.44e6),
    /** EN ISO 10456. */
    PVC_RIGID(0.17, 1.40e6),
    PVC_FOAM(0.08, 0.60e6),
    /** EN ISO 10456, 500 kg/m³. */
    PLYWOOD(0.13, 0.90e6),
    /** EN ISO 10456, 600 kg/m³. */
    CHIPBOARD(0.14, 1.10e6),
    PU_FOAM(0.030, 0.045e6),
    XPS(0.034, 0.045e6),
    CORK(0.045, 0.25e6),
    SAND_DRY(0.30, 1.28e6),
    SOIL_ARID(0.45, 1.40e6),
    SOIL_MOIST(0.80, 2.20e6),
    COCO_MOIST(0.35, 2.00e6),
    LITTER(0.10, 0.50e6),
    CLAY_BALLS(0.12, 0.45e6),
    CLAY_BALLS_WET(0.55, 2.20e6),
    GRAVEL_WET(1.5, 2.70e6),
    STONE(2.5, 2.20e6),
    SLATE(2.0, 2.30e6),
    WOOD(0.15, 1.00e6),
    WATER(0.60, 4.18e6);

    private final double conductivity;
    private final double heat;

    Matter(double conductivity, double heat) {
        this.conductivity = conductivity;
        this.heat = heat;
    }

    /** What a sheet of it lets through where nothing covers it. */
    public Glazing glazing() {
        return switch (this) {
            case GLASS -> Glazing.GLASS;
            case ACRYLIC -> Glazing.ACRYLIC;
            case POLYCARBONATE -> Glazing.POLYCARBONATE;
            default -> Glazing.OPAQUE;
        };
    }

    /** Share of light that its face throws back, the usual colours of each; from memory, 0.1 up or down. */
    public double reflectance() {
        return switch (this) {
            case CORK -> 0.12;
            case PU_FOAM -> 0.08; // painted dark
            case XPS, WOOD -> 0.30;
            case PLYWOOD, CHIPBOARD -> 0.35;
            case PVC_RIGID, PVC_FOAM -> 0.70; // white
            case STONE -> 0.25;
            case SLATE -> 0.10;
            case GLASS, ACRYLIC, POLYCARBONATE -> 0.15; // before a cover
            default -> 0.20;
        };
    }

    public Sheet sheet(double thickness) {
        return new Sheet(conductivity, heat, thickness);
    }
}
