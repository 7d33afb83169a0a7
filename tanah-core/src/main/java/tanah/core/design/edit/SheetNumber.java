package tanah.core.design.edit;

/** The numbers of a sheet on a wall, in SI. */
public enum SheetNumber implements EditNumber {
    /** m */
    THICK(0.001, 0.2),
    /** Share of the light that it throws back. */
    REFLECTS(0, 1);

    private final Limits limits;

    SheetNumber(double min, double max) {
        limits = new Limits(min, max);
    }

    @Override
    public Limits limits() {
        return limits;
    }
}
