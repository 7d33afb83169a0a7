package tanah.core.design.edit;

/** The numbers of a layer, in SI. */
public enum GroundNumber implements EditNumber {
    /** Of one thickness (m). */
    DEPTH(0.001, 2),
    /** Height of its face at the front or at the back (m). */
    SLOPE(0, 2),
    /** Share of what it holds. */
    MOISTURE(0, 1),
    /** Opening of the mesh under it (m). */
    MESH_HOLE(1e-5, 0.05),
    /** Volume of the bag it is bought in (m³). */
    BAG(1e-4, 5),
    /** Of that bag, in the currency of the list. */
    PRICE(0, 100_000),
    /** Parts of one medium in a mix. */
    PART(0.01, 1000),
    /** Edge of the floor it lies on (m). */
    EDGE(0, 3);

    private final Limits limits;

    GroundNumber(double min, double max) {
        limits = new Limits(min, max);
    }

    @Override
    public Limits limits() {
        return limits;
    }
}
