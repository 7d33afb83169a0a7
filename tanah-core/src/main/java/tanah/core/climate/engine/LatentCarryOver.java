package tanah.core.climate.engine;

/**
 * Latent heat that a step took too little or too much because faces moved from the temperature that the vapour balance
 * used (J). It is paid in the next step, so that over time heat pays for exactly the water that moved.
 */
public final class LatentCarryOver {
    private final double[] tile;
    private final double[] pane;
    private final double[] leaf;
    private final double[] water;
    private final double[] zone;

    public LatentCarryOver(Network net) {
        tile = new double[net.grid.tiles];
        pane = new double[net.patches];
        leaf = new double[net.grid.zones];
        water = new double[net.grid.waters];
        zone = new double[net.grid.zones];
    }

    /** Charges what is owed to a step (W). */
    public void charge(Latent l, double step) {
        charge(l.tile, tile, step);
        charge(l.pane, pane, step);
        charge(l.leaf, leaf, step);
        charge(l.water, water, step);
        charge(l.zone, zone, step);
    }

    private static void charge(double[] to, double[] owed, double step) {
        for (int i = 0; i < to.length; i++) {
            to[i] -= owed[i] / step;
        }
    }

    /** Writes down what the step leaves owing; {@code at} are the temperatures that the vapour balance used. */
    public void settle(Network net, Latent l, ThermalState at, ThermalState after, double step) {
        for (int t = 0; t < tile.length; t++) {
            tile[t] = -l.tileSlope[t] * (after.ground[t] - at.ground[t]) * step;
        }
        for (int p = 0; p < pane.length; p++) {
            pane[p] = -l.paneSlope[p] * (after.paneIn[p] - at.paneIn[p]) * step;
        }
        for (int n = 0; n < leaf.length; n++) {
            leaf[n] = -l.leafSlope[n] * (after.leaf[n] - at.leaf[n]) * step;
        }
        for (int n = 0; n < zone.length; n++) {
            zone[n] = -l.zoneSlope[n] * (after.air[n] - at.air[n]) * step;
        }
        for (int w = 0; w < water.length; w++) {
            water[w] = -l.waterSlope[w] * (after.water[w] - at.water[w]) * step;
        }
    }
}
