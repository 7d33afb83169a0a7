package tanah.core.climate.engine;

import static tanah.core.physics.Constants.LATENT_HEAT;

import java.util.Arrays;

/** Heat that water takes with it, linear in the temperature of each face: source less slope times temperature (W). */
public final class Latent {
    public final double[] tile;
    public final double[] tileSlope;
    public final double[] pane;
    public final double[] paneSlope;
    public final double[] leaf;
    public final double[] leafSlope;
    public final double[] water;
    public final double[] waterSlope;
    public final double[] zone;
    public final double[] zoneSlope;

    private final Network net;

    public Latent(Network net) {
        this.net = net;
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
    public Latent set(Vapour v, ThermalState at) {
        Grid g = net.grid;
        Arrays.fill(water, 0);
        Arrays.fill(waterSlope, 0);
        double heat = LATENT_HEAT;
        for (int t = 0; t < g.tiles; t++) {
            double celsius = at.surface(net, t);
            double taken = v.isTileFixed(t) ? 0 : heat * v.tileGain[t] * v.full.tileSlope(t);
            double source = -heat * v.fromTile[t] + taken * celsius;
            int w = g.water[g.region[t]];
            if (w < 0) {
                tile[t] = source;
                tileSlope[t] = taken;
            } else {
                water[w] += source;
                waterSlope[w] += taken;
            }
        }
        for (int p = 0; p < net.patches; p++) {
            paneSlope[p] = v.isPaneFixed(p) ? 0 : heat * v.paneGain[p] * v.full.paneSlope(p);
            pane[p] = -heat * v.fromPane[p] + paneSlope[p] * at.paneIn[p];
        }
        for (int n = 0; n < g.zones; n++) {
            double gain = (v.isLeafFixed(n) ? 0 : v.leafGain[n]) + (v.isBreathFixed() ? 0 : v.breathGain[n]);
            leafSlope[n] = heat * gain * v.full.leafSlope(n);
            leaf[n] = -heat * (v.fromLeaf[n] + v.breathed[n]) + leafSlope[n] * at.leaf[n];
            // fog that falls warms its air, and warmer air holds more: without the slope one chases the other
            zoneSlope[n] = heat * v.fogSlope(n);
            zone[n] = heat * (v.fogged(n) - v.flash[n]) + zoneSlope[n] * at.air[n];
        }
        return this;
    }
}
