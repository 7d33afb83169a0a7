package tanah.core.climate.engine;

import tanah.core.numeric.BandedSystem;
import tanah.core.physics.MoistAir;

/** The part of a balance of the zones that heat and vapour share: mixing between zones and what flows through openings. */
final class Air {
    private Air() {}

    /**
     * Adds mixing and flow to a matrix and its right side.
     *
     * @param carried by a kg of air: its specific heat, or 1 for vapour
     * @param right   gets what the entering air brings
     * @param outside value of the room's air
     */
    static void mix(BandedSystem a, Network net, Coefficients k, double carried, double[] right, double outside) {
        double mass = MoistAir.DENSITY * carried;
        int[] from = net.links.a();
        int[] to = net.links.b();
        for (int i = 0; i < from.length; i++) {
            a.join(from[i], to[i], carried * k.link[i]);
            double f = mass * k.flow[i];
            if (f > 0) {
                a.add(from[i], from[i], f);
                a.add(to[i], from[i], -f);
            } else if (f < 0) {
                a.add(to[i], to[i], -f);
                a.add(from[i], to[i], f);
            }
        }
        for (int n = 0; n < net.grid.zones; n++) {
            if (k.out[n] > 0) {
                a.add(n, n, mass * k.out[n]);
            }
            right[n] += mass * k.in[n] * outside;
        }
    }
}
