package tanah.core.climate.engine;

import static tanah.core.physics.Constants.WATER_DENSITY;

import java.util.Arrays;
import tanah.core.box.Floor;

/** Water held by soil, films and drainage (kg). */
public final class WaterStores {
    public static final double PANE_FILM = 0.06; // kg/m², from memory, 0.03 to 0.10
    static final double LEAF_FILM = 0.10; // kg/m², from memory, 0.05 to 0.20
    private static final double DRY = 0.15; // wetness from which soil gives nothing, from memory, 0.05 to 0.25
    private static final double SPAN = 0.60; // up to full evaporation, from memory, 0.4 to 0.8
    private static final double LEAST_DEEP = 0.005; // m
    private static final double WATERED = 1.2; // of field capacity, common practice

    /** By tile: what cover leaves of evaporation, times the factor on wetness. */
    private final double[] open;

    public final double[] skin;
    public final double[] skinRoom;
    public final double[] deep;
    public final double[] deepRoom;
    public final double[] reservoir;
    public final double[] paneFilm;
    public final double[] leafFilm;
    public final double[] leafRoom;
    public final double[] body;

    public WaterStores(Network net) {
        Grid g = net.grid;
        open = new double[g.tiles];
        skin = new double[g.tiles];
        skinRoom = new double[g.tiles];
        int regions = g.enclosure.floor().size();
        deep = new double[regions];
        deepRoom = new double[regions];
        reservoir = new double[regions];
        paneFilm = new double[net.patches];
        leafFilm = new double[g.zones];
        leafRoom = new double[g.zones];
        body = new double[g.waters];
        for (int t = 0; t < g.tiles; t++) {
            if (!g.isLand(t)) {
                body[g.water[g.region[t]]] += WATER_DENSITY
                        * g.tileArea
                        * ((Floor.Water) g.enclosure.floor().get(g.region[t])).depth();
                continue;
            }
            open[t] = (1 - 0.5 * g.land(t).cover()) * net.factors.wet();
            Floor.Soil soil = g.land(t).soil();
            skinRoom[t] = WATER_DENSITY * soil.fieldCapacity() * soil.skin() * g.tileArea;
            skin[t] = skinRoom[t] * soil.wetSkin().orElse(soil.wet());
            double thick = Math.max(LEAST_DEEP, soil.depth() - soil.skin());
            deepRoom[g.region[t]] += WATER_DENSITY * soil.fieldCapacity() * thick * g.tileArea;
            deep[g.region[t]] = deepRoom[g.region[t]] * soil.wet();
            reservoir[g.region[t]] = soil.standing();
        }
        for (int n = 0; n < g.zones; n++) {
            leafRoom[n] = LEAF_FILM * (net.leaves[n] + net.wettable[n]);
        }
    }

    /** As after planting: every soil a fifth wetter than it can hold for long. */
    public static WaterStores watered(Network net) {
        WaterStores s = new WaterStores(net);
        for (int t = 0; t < s.skin.length; t++) {
            s.skin[t] = WATERED * s.skinRoom[t];
        }
        for (int r = 0; r < s.deep.length; r++) {
            s.deep[r] = WATERED * s.deepRoom[r];
        }
        return s;
    }

    /** Share of free evaporation that the soil of a tile gives. */
    double wetness(int t) {
        double share = skinRoom[t] > 0 ? skin[t] / skinRoom[t] : 0;
        // (V3)
        return Math.max(0, Math.min(1, (share - DRY) / SPAN)) * open[t];
    }

    /** All of it (kg). */
    public double sum() {
        double sum = 0;
        for (double[] part : new double[][] {skin, deep, reservoir, paneFilm, leafFilm, body}) {
            sum += Arrays.stream(part).sum();
        }
        return sum;
    }

    public double deepSum() {
        return HeatSources.total(deep);
    }
}
