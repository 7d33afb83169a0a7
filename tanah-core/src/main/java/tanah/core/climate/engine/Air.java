package tanah.core.climate.engine;

import tanah.core.numeric.BandedSystem;
import tanah.core.physics.MoistAir;

/** The part of a balance of the zones that heat and vapour share: mixing between zones and the flow through. */
final class Air {
    private Air() {}

    /**
     * Adds mixing and the flow through to a matrix and its right side.
     *
     * @param carried by a kg of air: its specific heat, or 1 for vapour
     * @param right   gets what the entering air brings
     * @param outside value of the room's air
     */
    static void mix(
            BandedSystem a, Network net, Vents vents, Coefficients k, double carried, double[] right, double outside) {
        double through = MoistAir.DENSITY * Math.abs(k.through()) * carried;
        boolean reversed = k.through() < 0;
        double[] in = reversed ? vents.leaves : vents.enters;
        double[] out = reversed ? vents.enters : vents.leaves;
        int[] from = net.links.a();
        int[] to = net.links.b();
        for (int i = 0; i < from.length; i++) {
            double g = carried * k.link[i];
            a.join(from[i], to[i], g);
            double f = through * (reversed ? -vents.flow[i] : vents.flow[i]);
            if (f > 0) {
                a.add(from[i], from[i], f);
                a.add(to[i], from[i], -f);
            } else if (f < 0) {
                a.add(to[i], to[i], -f);
                a.add(from[i], to[i], f);
            }
        }
        if (through > 0) {
            for (int n = 0; n < net.grid.zones; n++) {
                a.add(n, n, through * out[n]);
                right[n] += through * in[n] * outside;
            }
        }
    }
}
