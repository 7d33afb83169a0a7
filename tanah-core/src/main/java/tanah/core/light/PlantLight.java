package tanah.core.light;

import static tanah.core.physics.Constants.HOUR;

/** Light that plants use. Photons are counted in moles. */
public final class PlantLight {

    private PlantLight() {}

    /** Daily light integral (mol/m²) of a steady photon flux (mol/m² s) over some hours. */
    public static double daily(double flux, double hours) {
        return flux * hours * HOUR;
    }

    /**
     * Photon output (mol/s) of a lamp that is sold by its lumens.
     *
     * @param perMole lm s per mol: sunlight 54e6, incandescent 50e6, cool-white fluorescent 74e6, metal halide 71e6
     *                (Thimijan and Heins 1983, HortScience 18:818-822); white LED 68e6 to 70e6 (from memory)
     */
    public static double output(double lumens, double perMole) {
        return lumens / perMole;
    }
}
