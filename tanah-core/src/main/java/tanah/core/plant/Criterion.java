package tanah.core.plant;

/** What a place is judged by for a plant; in the order in which equal ones are told. Weights are common practice, no source. */
public enum Criterion {
    AIRFLOW(1, false),
    DRIP(0.5, false),
    DRY_SPELL(1, true),
    HEIGHT(1, false),
    LEAF_WET(1.5, true),
    LIGHT(3, true),
    LIME(1, true),
    MOISTURE(3, true),
    NIGHT_DROP(1, false),
    PH(1, true),
    HUMIDITY(2, true),
    DAY_TEMPERATURE(2, true),
    NIGHT_TEMPERATURE(2, true),
    WINTER(0.5, false);

    private final double weight;
    private final boolean firm;

    Criterion(double weight, boolean firm) {
        this.weight = weight;
        this.firm = firm;
    }

    double weight() {
        return weight;
    }

    /** Whether nothing else makes up for it. */
    public boolean isFirm() {
        return firm;
    }
}
