package tanah.core.light;

/**
 * What is radiated, by what glass lets through of it (ordinary soda-lime glass and acrylic, from memory: it blocks nearly
 * all of the erythemal band).
 */
public enum Band {
    UV(0.0),
    LIGHT(0.90),
    /** Short infrared of halogen and incandescent lamps. */
    NIR(0.80),
    /** Long infrared of ceramic and panel heaters. */
    LWIR(0.0);

    private final double throughGlass;

    Band(double throughGlass) {
        this.throughGlass = throughGlass;
    }

    /** Share that a clear lid lets through. */
    public double throughGlass() {
        return throughGlass;
    }
}
