package tanah.core.climate.engine;

import java.util.Arrays;
import tanah.core.numeric.BandedSystem;
import tanah.core.physics.MoistAir;

/**
 * The balance of vapour (V1 to V6 of docs/models/climate.md) at given temperatures: what evaporates, condenses and leaves with the air. Whether a face gives
 * or takes is found by repeating until it holds still; a store never gives more than it has.
 */
public final class Vapour {
    private static final double LEWIS = 0.90; // Lewis number to the power 2/3
    private static final double STOMATA_DAY = 250; // s/m, broad-leaved shade plants, from memory, 100 to 500
    private static final double STOMATA_NIGHT = 1500; // s/m, from memory, 800 to 3000
    private static final double FOG = 60; // s in which fog falls out
    private static final int ROUNDS = 8;
    private static final int AVERAGED = 5;

    private final Network net;
    private final Grid g;
    private final Coefficients k;
    private final WaterStores stores;
    private final BandedSystem matrix;
    private final boolean[] flags;
    private final double[] guess;
    private final double[] before;
    private boolean steady = true;
    private double step;

    // results, kg/s unless said otherwise
    public final double[] humidity;
    public final double[] fromTile;
    public final double[] fromPane;
    public final double[] fromLeaf;
    public final double[] breathed;
    final double[] fog;
    /** What evaporates as it falls. */
    final double[] flash;
    // conductances in force (kg/s)
    final double[] tileGain;
    final double[] paneGain;
    final double[] leafGain;
    final double[] breathGain;

    /** Does not change within the balance. */
    final Saturation full;

    private final boolean[] tileFixed;
    private final boolean[] paneFixed;
    private final boolean[] leafFixed;
    private boolean breathFixed;

    /** Of one run; {@code k}, {@code full} and {@code stores} are as they stand when it solves. */
    public Vapour(Network net, Coefficients k, Saturation full, WaterStores stores) {
        this.net = net;
        this.g = net.grid;
        this.k = k;
        this.stores = stores;
        this.full = full;
        matrix = new BandedSystem(g.zones, net.half);
        flags = new boolean[g.tiles + net.patches + 2 * g.zones];
        guess = new double[g.zones];
        before = new double[g.zones];
        flash = new double[g.zones];
        humidity = new double[g.zones];
        fromTile = new double[g.tiles];
        fromPane = new double[net.patches];
        fromLeaf = new double[g.zones];
        breathed = new double[g.zones];
        fog = new double[g.zones];
        tileGain = new double[g.tiles];
        paneGain = new double[net.patches];
        leafGain = new double[g.zones];
        breathGain = new double[g.zones];
        tileFixed = new boolean[g.tiles];
        paneFixed = new boolean[net.patches];
        leafFixed = new boolean[g.zones];
    }

    /** The balance of a steady state. */
    public void solve(double[] start, RoomAir room, boolean lit) {
        Arrays.fill(flash, 0);
        solved(start, room, lit);
    }

    /**
     * The balance of a step.
     *
     * @param start   humidities at its start
     * @param step    s
     * @param falling what evaporates as it falls, by zone (kg/s)
     */
    public void solve(double[] start, RoomAir room, boolean lit, double step, double[] falling) {
        this.step = step;
        steady = false;
        System.arraycopy(falling, 0, flash, 0, flash.length);
        solved(start, room, lit);
    }

    private void solved(double[] start, RoomAir room, boolean lit) {
        System.arraycopy(start, 0, guess, 0, guess.length);
        System.arraycopy(start, 0, before, 0, before.length);
        Arrays.fill(flags, false);
        Arrays.fill(tileFixed, false);
        Arrays.fill(paneFixed, false);
        Arrays.fill(leafFixed, false);
        breathFixed = false;
        for (int round = 0; round < ROUNDS; round++) {
            boolean changed = conductances(guess, lit);
            if (round > 0 && !changed && !limited()) {
                break;
            }
            balance(start, room);
            fluxes();
            for (int n = 0; n < guess.length; n++) {
                guess[n] = round + 1 >= AVERAGED ? (humidity[n] + before[n]) / 2 : humidity[n];
                before[n] = humidity[n];
            }
        }
        fluxes();
    }

    /** Sets what is in force at a guess; whether the pattern of what condenses has changed. */
    private boolean conductances(double[] w, boolean lit) {
        boolean changed = false;
        int flag = 0;
        double mass = MoistAir.HEAT * LEWIS;
        for (int t = 0; t < g.tiles; t++) {
            boolean takes = w[g.tileZone[t]] > full.tile[t];
            changed |= flags[flag] != takes;
            flags[flag++] = takes;
            double wet = takes || !g.isLand(t) ? 1 : stores.wetness(t);
            // (V2), (V3)
            tileGain[t] = wet * k.tileFilm[t] / mass;
        }
        for (int p = 0; p < net.patches; p++) {
            boolean takes = w[net.patchZone[p]] > full.pane[p];
            changed |= flags[flag] != takes;
            flags[flag++] = takes;
            double wet = takes || !steady && stores.paneFilm[p] > 0 ? 1 : 0;
            paneGain[p] = wet * k.paneFilm[p] / mass;
        }
        double stomata = lit ? STOMATA_DAY : STOMATA_NIGHT;
        double boundary = MoistAir.DENSITY * MoistAir.HEAT * LEWIS / net.leafFilm;
        boolean water = stores.deepSum() > 0;
        for (int n = 0; n < g.zones; n++) {
            double leaf = full.leaf[n];
            boolean takes = w[n] > leaf;
            boolean fogs = w[n] > full.air[n];
            changed |= flags[flag] != takes || flags[flag + 1] != fogs;
            flags[flag++] = takes;
            flags[flag++] = fogs;
            double area = net.leaves[n] + net.wettable[n];
            double film = stores.leafRoom[n] > 0
                    ? Math.pow(Math.max(0, Math.min(1, stores.leafFilm[n] / stores.leafRoom[n])), 2.0 / 3)
                    : 0;
            leafGain[n] = (takes ? 1 : steady ? 0 : film) * net.leafFilm * area / mass;
            // (V4)
            breathGain[n] =
                    !takes && w[n] < leaf && water ? MoistAir.DENSITY * net.leaves[n] / (boundary + stomata) : 0;
            // (V5)
            fog[n] = fogs ? MoistAir.DENSITY * g.volume() / FOG : 0;
        }
        return changed;
    }

    private void balance(double[] start, RoomAir room) {
        BandedSystem a = matrix;
        a.clear();
        double inertia = steady ? 0 : MoistAir.DENSITY * g.volume() / step;
        for (int n = 0; n < g.zones; n++) {
            // (V1)
            a.add(n, n, inertia + k.exchange[n] + fog[n]);
            humidity[n] = inertia * start[n] + k.exchange[n] * room.humidity() + fog[n] * full.air[n] + flash[n];
        }
        Air.mix(a, net, k, 1, humidity, room.humidity());
        for (int t = 0; t < g.tiles; t++) {
            give(a, g.tileZone[t], tileFixed[t], fromTile[t], tileGain[t], full.tile[t]);
        }
        for (int p = 0; p < net.patches; p++) {
            give(a, net.patchZone[p], paneFixed[p], fromPane[p], paneGain[p], full.pane[p]);
        }
        for (int n = 0; n < g.zones; n++) {
            give(a, n, leafFixed[n], fromLeaf[n], leafGain[n], full.leaf[n]);
            give(a, n, breathFixed, breathed[n], breathGain[n], full.leaf[n]);
        }
        a.factor();
        a.solve(humidity);
    }

    private void give(BandedSystem a, int zone, boolean fixed, double flux, double gain, double full) {
        if (fixed) {
            humidity[zone] += flux;
        } else if (gain > 0) {
            a.add(zone, zone, gain);
            humidity[zone] += gain * full;
        }
    }

    private void fluxes() {
        for (int t = 0; t < g.tiles; t++) {
            if (!tileFixed[t]) {
                fromTile[t] = tileGain[t] * (full.tile[t] - humidity[g.tileZone[t]]);
            }
        }
        for (int p = 0; p < net.patches; p++) {
            if (!paneFixed[p]) {
                fromPane[p] = paneGain[p] * (full.pane[p] - humidity[net.patchZone[p]]);
            }
        }
        for (int n = 0; n < g.zones; n++) {
            double leaf = full.leaf[n];
            if (!leafFixed[n]) {
                fromLeaf[n] = leafGain[n] * (leaf - humidity[n]);
            }
            if (!breathFixed) {
                breathed[n] = breathGain[n] * (leaf - humidity[n]);
            }
        }
    }

    /** By how much less falls out for each kelvin that the air is warmer (kg/s K). */
    double fogSlope(int n) {
        return fog[n] * full.airSlope(n);
    }

    /** Fog that falls out of a zone (kg/s). */
    public double fogged(int n) {
        return fog[n] * (humidity[n] - full.air[n]);
    }

    /** Fixes what would give more than it has; whether anything was fixed now. */
    private boolean limited() {
        if (steady) {
            return false;
        }
        boolean any = false;
        for (int t = 0; t < g.tiles; t++) {
            // (V6)
            if (g.isLand(t) && !tileFixed[t] && fromTile[t] * step > stores.skin[t]) {
                tileFixed[t] = true;
                fromTile[t] = stores.skin[t] / step;
                any = true;
            }
        }
        for (int p = 0; p < net.patches; p++) {
            if (!paneFixed[p] && fromPane[p] * step > stores.paneFilm[p]) {
                paneFixed[p] = true;
                fromPane[p] = stores.paneFilm[p] / step;
                any = true;
            }
        }
        double all = 0;
        for (int n = 0; n < g.zones; n++) {
            if (!leafFixed[n] && fromLeaf[n] * step > stores.leafFilm[n]) {
                leafFixed[n] = true;
                fromLeaf[n] = stores.leafFilm[n] / step;
                any = true;
            }
            all += Math.max(0, breathed[n]);
        }
        if (!breathFixed && all * step > stores.deepSum()) {
            breathFixed = true;
            for (int n = 0; n < g.zones; n++) {
                breathed[n] *= stores.deepSum() / (all * step);
            }
            any = true;
        }
        return any;
    }

    boolean isTileFixed(int t) {
        return tileFixed[t];
    }

    boolean isPaneFixed(int p) {
        return paneFixed[p];
    }

    boolean isLeafFixed(int n) {
        return leafFixed[n];
    }

    boolean isBreathFixed() {
        return breathFixed;
    }
}
