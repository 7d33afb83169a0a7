package tanah.core.light;

/** The UV index and the zones of exposure in which reptiles and amphibians were watched. */
public final class UvIndex {
    private static final double PER_WATT = 40; // m²/W, ISO/CIE 17166, WHO 2002

    private UvIndex() {}

    /** Erythemal weight of a wavelength (nm), ISO/CIE 17166:2019; 0 outside 250 to 400 nm. */
    public static double weight(double wavelength) {
        if (wavelength < 250 || wavelength > 400) {
            return 0;
        }
        if (wavelength <= 298) {
            return 1;
        }
        return wavelength <= 328 ? Math.pow(10, 0.094 * (298 - wavelength)) : Math.pow(10, 0.015 * (140 - wavelength));
    }

    /**
     * UV index of a spectrum, by trapezoids.
     *
     * @param first      wavelength of the first value (nm)
     * @param step       between values (nm)
     * @param irradiance W/(m² nm)
     */
    public static double of(double first, double step, double... irradiance) {
        double sum = 0;
        for (int i = 0; i < irradiance.length; i++) {
            double end = i == 0 || i == irradiance.length - 1 ? 0.5 : 1;
            sum += end * irradiance[i] * weight(first + i * step) * step;
        }
        return PER_WATT * sum;
    }

    /**
     * Zones of Ferguson et al. 2010, Zoo Biology 29:317-334, restated in Baines et al. 2016, J. Zoo and Aquarium Research
     * 4:42-63. Their ranges of the highest UV index overlap: show the number, not only the zone.
     */
    public enum Zone {
        ONE(0, 0.7, 0.6, 1.4),
        TWO(0.7, 1.0, 1.1, 3.0),
        THREE(1.0, 2.6, 2.9, 7.4),
        FOUR(2.6, 3.5, 4.5, 9.5);

        private final double meanLow;
        private final double meanHigh;
        private final double maxLow;
        private final double maxHigh;

        Zone(double meanLow, double meanHigh, double maxLow, double maxHigh) {
            this.meanLow = meanLow;
            this.meanHigh = meanHigh;
            this.maxLow = maxLow;
            this.maxHigh = maxHigh;
        }

        public double meanLow() {
            return meanLow;
        }

        public double meanHigh() {
            return meanHigh;
        }

        public double maxLow() {
            return maxLow;
        }

        public double maxHigh() {
            return maxHigh;
        }
    }

    /** Number of the first zone whose mean is not exceeded, 1 to 4; 5 beyond all of them. */
    public static int zoneOfMean(double mean) {
        for (Zone zone : Zone.values()) {
            if (mean <= zone.meanHigh()) {
                return zone.ordinal() + 1;
            }
        }
        return Zone.values().length + 1;
    }
}
