package tanah.core.crew;

/** Parts of an animal's food; all from memory. */
public enum Diet {
    INSECT(23.0e6, 0.75, 0.15, 0.100),
    VERTEBRATE(23.0e6, 0.80, 0.12, 0.095),
    PLANT(17.5e6, 0.50, 0.45, 0.025),
    FRUIT(17.0e6, 0.80, 0.15, 0.015);

    private final double energy;
    private final double used;
    private final double faeces;
    private final double nitrogen;

    Diet(double energy, double used, double faeces, double nitrogen) {
        this.energy = energy;
        this.used = used;
        this.faeces = faeces;
        this.nitrogen = nitrogen;
    }

    /** Heat that the animal has of it (J/kg dry). */
    double metabolised() {
        return energy * used;
    }

    /** Share of it that leaves as faeces. */
    double faeces() {
        return faeces;
    }

    /** Share of it. */
    double nitrogen() {
        return nitrogen;
    }
}
