package tanah.core.plant;

/** How much an animal has to do with a place; exposures are common practice, no source. */
public enum Reach {
    /** On a runway, at the door of a hide, under a basking branch. */
    PATH(1),
    OPEN(0.6),
    /** Behind stones, in a pocket. */
    PROTECTED(0.2),
    UNREACHABLE(0);

    private final double exposure;

    Reach(double exposure) {
        this.exposure = exposure;
    }

    double exposure() {
        return exposure;
    }
}
