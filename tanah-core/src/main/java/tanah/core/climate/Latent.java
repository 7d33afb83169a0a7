package tanah.core.climate;

/** Heat that water takes with it, linear in the temperature of each face: source less slope times temperature (W). */
final class Latent {
    final double[] tile;
    final double[] tileSlope;
    final double[] pane;
    final double[] paneSlope;
    final double[] leaf;
    final double[] leafSlope;
    final double[] water;
    final double[] waterSlope;
    final double[] zone;
    final double[] zoneSlope;

    Latent(Network net) {
        Grid g = net.grid;
        tile = new double[g.tiles];
        tileSlope = new double[g.tiles];
        pane = new double[net.patches];
        paneSlope = new double[net.patches];
        leaf = new double[g.zones];
        leafSlope = new double[g.zones];
        water = new double[g.waters];
        waterSlope = new double[g.waters];
        zone = new double[g.zones];
        zoneSlope = new double[g.zones];
    }

    /** The heat of what moves in a balance of vapour, about the temperatures that it used. */
    static Latent of(Network net, Vapour v, State at) {
        Latent l = new Latent(net);
        Grid g = net.grid;
        double heat = MoistAir.LATENT;
        for (int t = 0; t < g.tiles; t++) {
            double celsius = at.surface(net, t);
            double slope = v.isTileFixed(t) ? 0 : heat * v.tileGain[t] * v.tileSlope(t);
            double source = -heat * v.fromTile[t] + slope * celsius;
            int w = g.water[g.region[t]];
            if (w < 0) {
                l.tile[t] = source;
                l.tileSlope[t] = slope;
            } else {
                l.water[w] += source;
                l.waterSlope[w] += slope;
            }
        }
        for (int p = 0; p < net.patches; p++) {
            l.paneSlope[p] = v.isPaneFixed(p) ? 0 : heat * v.paneGain[p] * v.paneSlope(p);
            l.pane[p] = -heat * v.fromPane[p] + l.paneSlope[p] * at.paneIn[p];
        }
        for (int n = 0; n < g.zones; n++) {
            double gain = (v.isLeafFixed(n) ? 0 : v.leafGain[n]) + (v.isBreathFixed() ? 0 : v.breathGain[n]);
            l.leafSlope[n] = heat * gain * v.leafSlope(n);
            l.leaf[n] = -heat * (v.fromLeaf[n] + v.breathed[n]) + l.leafSlope[n] * at.leaf[n];
            // fog that falls warms its air, and warmer air holds more: without the slope one chases the other
            l.zoneSlope[n] = heat * v.fogSlope(n);
            l.zone[n] = heat * (v.fogged(n) - v.flash[n]) + l.zoneSlope[n] * at.air[n];
        }
        return l;
    }
}
