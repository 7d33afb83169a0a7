package tanah.core.climate.engine;

import tanah.core.numeric.BandedSystem;
import tanah.core.numeric.DenseSystem;
import tanah.core.physics.MoistAir;

/**
 * The linear balance of heat (H1 to H6 of docs/models/climate.md) at given coefficients: every face is eliminated into the air of its zone and the mean
 * radiant node; what is left is a banded system of the zones bordered by the radiant node and the waters.
 */
public final class HeatStep {
    private final Network net;
    private final Grid g;
    private final Vents vents;
    private final Coefficients k;
    private final Latent latent;
    private final double perSecond;
    private final ThermalState last;

    private final HeatFaces faces;
    private final Columns columns;

    private final BandedSystem matrix;
    private final double[][] border;
    private final double[][] below;
    private final double[][] corner;
    private final double[][] inverse;

    /**
     * @param perSecond 1/dt; 0 for the steady state
     * @param last      the iterate for plumes and, in the steady state, lateral conduction
     */
    public HeatStep(Network net, Vents vents, Coefficients k, Latent latent, double perSecond, ThermalState last) {
        this.net = net;
        this.g = net.grid;
        this.vents = vents;
        this.k = k;
        this.latent = latent;
        this.perSecond = perSecond;
        this.last = last;
        columns = new Columns(net, perSecond);
        faces = new HeatFaces(net, k, latent, columns, perSecond, last);
        matrix = new BandedSystem(g.zones, net.half);
        int m = 1 + g.waters;
        border = new double[m][g.zones];
        below = new double[m][g.zones];
        corner = new double[m][m];
        inverse = new double[m][g.zones];
        assemble();
    }

    /** Speed at which the air mixes (m/s). */
    public double speed() {
        return k.speed();
    }

    // ---- what does not depend on the sources

    private void assemble() {
        double cap = MoistAir.DENSITY * MoistAir.HEAT * g.volume() * perSecond;
        double[] unused = new double[g.zones];
        for (int n = 0; n < g.zones; n++) {
            // (H4)
            matrix.add(n, n, cap + MoistAir.HEAT * k.exchange[n] + latent.zoneSlope[n]);
        }
        Air.mix(matrix, net, vents, k, MoistAir.HEAT, unused, 0);
        // (H5)
        corner[0][0] = k.mesh();
        for (int f = 0; f < faces.count; f++) {
            if (!faces.isFace(f)) {
                continue;
            }
            int a = faces.zone[f];
            corner[0][0] += faces.radiant[f] * (1 - faces.byStar[f]);
            below[0][a] -= faces.radiant[f] * faces.byAir[f];
            share(a, a, f, 1 - faces.plume[f]);
            if (faces.plume[f] > 0) {
                share(g.top(a), a, f, faces.plume[f]);
            }
        }
        for (int t = 0; t < g.tiles; t++) {
            int w = g.water[g.region[t]];
            if (w >= 0) {
                int a = faces.zone[t];
                matrix.add(a, a, faces.film[t]);
                border[1 + w][a] -= faces.film[t];
                below[1 + w][a] -= faces.film[t];
                corner[0][0] += faces.radiant[t];
                corner[0][1 + w] -= faces.radiant[t];
                corner[1 + w][0] -= faces.radiant[t];
                corner[1 + w][1 + w] += faces.film[t] + faces.radiant[t];
            }
        }
        for (int w = 0; w < g.waters; w++) {
            // (H6)
            corner[1 + w][1 + w] +=
                    net.waterStore[w] * perSecond + latent.waterSlope[w] + net.waterBase[w] + net.waterEdge[w];
        }
        matrix.factor();
        for (int i = 0; i < border.length; i++) {
            inverse[i] = border[i].clone();
            matrix.solve(inverse[i]);
        }
    }

    private void share(int to, int a, int f, double share) {
        matrix.add(to, a, -share * faces.film[f] * (faces.byAir[f] - 1));
        border[0][to] -= share * faces.film[f] * faces.byStar[f];
    }

    // ---- one set of sources

    /**
     * @param room  null for the response to the sources alone, without room and history
     * @param start state at the start of the step
     */
    public ThermalState solve(HeatSources s, RoomAir room, ThermalState start) {
        return solve(s, true, room.celsius(), start);
    }

    /** What the sources alone add. */
    public ThermalState response(HeatSources s) {
        return solve(s, false, 0, last);
    }

    private ThermalState solve(HeatSources s, boolean whole, double outside, ThermalState start) {
        double[] a = columns.rise(s, whole, outside, start, last);
        double[] core = faces.cores(s, whole, outside, start);
        double[] own = faces.own(s, whole, start, columns, a, core);
        ThermalState r = new ThermalState(net);
        reduced(s, whole, outside, start, own, r);
        faces.spread(r, own, core, s, outside);
        columns.down(a, r.ground, r.cell);
        return r;
    }

    private void reduced(
            HeatSources s, boolean whole, double outside, ThermalState start, double[] own, ThermalState r) {
        int m = 1 + g.waters;
        double[] f = r.air;
        double[] e = new double[m];
        double cap = MoistAir.DENSITY * MoistAir.HEAT * g.volume() * perSecond;
        for (int n = 0; n < g.zones; n++) {
            f[n] = s.zone[n];
            if (whole) {
                f[n] += cap * start.air[n] + MoistAir.HEAT * k.exchange[n] * outside + latent.zone[n];
            }
        }
        if (whole) {
            double through = MoistAir.DENSITY * MoistAir.HEAT * Math.abs(k.through());
            double[] in = k.through() < 0 ? vents.leaves : vents.enters;
            for (int n = 0; n < g.zones; n++) {
                f[n] += through * in[n] * outside;
            }
        }
        e[0] = s.star + k.mesh() * outside;
        for (int i = 0; i < faces.count; i++) {
            if (faces.isFace(i)) {
                e[0] += faces.radiant[i] * own[i];
                f[faces.zone[i]] += (1 - faces.plume[i]) * faces.film[i] * own[i];
                f[g.top(faces.zone[i])] += faces.plume[i] * faces.film[i] * own[i];
            }
        }
        for (int w = 0; w < g.waters; w++) {
            e[1 + w] = s.water[w] + (net.waterBase[w] + net.waterEdge[w]) * outside;
            if (whole) {
                e[1 + w] += net.waterStore[w] * perSecond * start.water[w] + latent.water[w];
            }
        }
        matrix.solve(f);
        double[][] schur = new double[m][m + 1];
        for (int i = 0; i < m; i++) {
            for (int j = 0; j < m; j++) {
                schur[i][j] = corner[i][j] - dot(below[i], inverse[j]);
            }
            schur[i][m] = e[i] - dot(below[i], f);
        }
        double[] x = DenseSystem.solve(schur);
        r.star = x[0];
        for (int n = 0; n < g.zones; n++) {
            for (int j = 0; j < m; j++) {
                f[n] -= inverse[j][n] * x[j];
            }
        }
        System.arraycopy(x, 1, r.water, 0, g.waters);
    }

    /** One more sweep of the columns with the air and the radiant node held (steady state). */
    public void sweep(ThermalState r, HeatSources s, double outside) {
        double[] a = columns.rise(s, true, outside, r, r);
        for (int t = 0; t < g.tiles; t++) {
            if (g.isLand(t)) {
                r.ground[t] = faces.at(t, faces.tile(t, s, true, columns, a), r);
            }
        }
        columns.down(a, r.ground, r.cell);
    }

    private static double dot(double[] x, double[] y) {
        double sum = 0;
        for (int i = 0; i < x.length; i++) {
            sum += x[i] * y[i];
        }
        return sum;
    }
}
