package tanah.core.structure;

/**
 * A base that is held along its rim only: a simply supported rectangular plate (Roark's Formulas for Stress and
 * Strain, tables for uniform load and for load on a small circle, ν 0.3).
 *
 * @param longSide  m
 * @param shortSide m
 * @param thickness m
 * @param elasticity Pa
 * @param poisson   ratio
 */
public record BasePlate(double longSide, double shortSide, double thickness, double elasticity, double poisson) {
    private static final double[] RATIO = {1, 1.2, 1.4, 1.6, 1.8, 2, 3, 4, 5};
    private static final double[] BETA = {.2874, .3762, .4530, .5172, .5688, .6102, .7134, .7410, .7476};
    private static final double[] ALPHA = {.0444, .0616, .0770, .0906, .1017, .1110, .1335, .1400, .1417};
    private static final double BETA_LONG = 0.7500;
    private static final double ALPHA_LONG = 0.1421;
    private static final double[] POINT = {.435, .650, .789, .875, .927, .958};
    private static final double LEAST_RADIUS = 0.002; // m

    /** Bending stress in the middle under a uniform pressure (Pa). */
    public double stress(double pressure) {
        double r = shortSide / thickness;
        return table(BETA, BETA_LONG) * pressure * r * r;
    }

    /** Deflection of the middle under a uniform pressure (m). */
    public double deflection(double pressure) {
        return table(ALPHA, ALPHA_LONG) * pressure * Math.pow(shortSide, 4) / (elasticity * Math.pow(thickness, 3));
    }

    /**
     * Bending stress under a load in the middle (Pa).
     *
     * @param force N
     * @param contact area on which it stands (m²)
     */
    public double pointStress(double force, double contact) {
        double r = Math.max(LEAST_RADIUS, Math.sqrt(contact / Math.PI));
        double effective = r >= thickness / 2 ? r : Math.sqrt(1.6 * r * r + thickness * thickness) - 0.675 * thickness;
        double ratio = longSide / shortSide;
        // the published 0.958 at 2 is rounded up to the 1.0 of longer plates, on the heavy side
        double beta = ratio >= 2 ? 1 : interpolate(POINT, ratio);
        return 3
                * force
                / (2 * Math.PI * thickness * thickness)
                * ((1 + poisson) * Math.log(2 * shortSide / (Math.PI * effective)) + beta);
    }

    private double table(double[] values, double beyond) {
        double ratio = longSide / shortSide;
        return ratio > RATIO[RATIO.length - 1] ? beyond : interpolate(values, ratio);
    }

    private static double interpolate(double[] values, double ratio) {
        for (int i = 1; i < values.length; i++) {
            if (ratio <= RATIO[i]) {
                double t = Math.max(0, (ratio - RATIO[i - 1]) / (RATIO[i] - RATIO[i - 1]));
                return values[i - 1] + t * (values[i] - values[i - 1]);
            }
        }
        return values[values.length - 1];
    }
}
