package tanah.core.design.edit;

/** The numbers of a pane of its own, in SI. Either may be left out: it is the box's thickness, and its material's usual face, then. */
public enum PaneNumber implements EditNumber {
    /** m */
    THICK(0.0005, 0.04),
    /** Share of the light that its inner face throws back where it is opaque. */
    REFLECTS(0, 1);

    private final Limits limits;

    PaneNumber(double min, double max) {
        limits = new Limits(min, max);
    }

    @Override
    public Limits limits() {
        return limits;
    }
}
