package tanah.core.light;

/** What a clear sheet lets through, from memory; ordinary glass and these plastics stop the erythemal band almost wholly. */
public enum Glazing {
    GLASS(0.90, 0.80),
    ACRYLIC(0.92, 0.85),
    POLYCARBONATE(0.87, 0.80),
    /** Anything else, and every sheet that is covered. */
    OPAQUE(0, 0);

    private final double light;
    private final double shortInfrared;

    Glazing(double light, double shortInfrared) {
        this.light = light;
        this.shortInfrared = shortInfrared;
    }

    /** Share of a ray that comes through. */
    public double through(Band band) {
        return switch (band) {
            case LIGHT -> light;
            case NIR -> shortInfrared;
            case UV, LWIR -> 0;
        };
    }

    public boolean isClear() {
        return this != OPAQUE;
    }
}
