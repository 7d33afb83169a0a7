package tanah.core.climate.engine;

import tanah.core.box.ClimateCase;
import tanah.core.numeric.BandedSystem;
import tanah.core.numeric.DenseSystem;
import tanah.core.physics.MoistAir;

/**
 * The linear balance of heat (H1 to H6 of docs/models/climate.md) at given coefficients: every face is eliminated into the air of its zone and the mean
 * radiant node; what is left is a banded system of the zones bordered by the radiant node and the waters.
 */
public final class HeatStep {
    private static final double PLUME =
            0.6; // share of a warm face's flux that rises to the top, from memory, 0.3 to 0.8

    private final Network net;
    private final Grid g;
    private final Vents vents;
    private final Coefficients k;
    private final Latent latent;
    private final double perSecond;
    private final ThermalState last;

    // faces: land tiles, patches, platform tops and undersides, foliage of zones
    private final int faces;
    private final int[] zone;
    private final double[] film;
    private final double[] radiant;
    private final double[] plume;
    private final double[] byAir;
    private final double[] byStar;

    private final Columns columns;
    private final double[] surfaceDen;

    // panes
    private final double[] coreDen;
    private final double[] innerDen;

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
        faces = g.tiles + net.patches + 2 * net.platforms + g.zones;
        zone = new int[faces];
        film = new double[faces];
        radiant = new double[faces];
        plume = new double[faces];
        byAir = new double[faces];
        byStar = new double[faces];
        columns = new Columns(net, perSecond);
        surfaceDen = new double[g.tiles];
        coreDen = new double[net.patches];
        innerDen = new double[net.patches];
        matrix = new BandedSystem(g.zones, net.half);
        int m = 1 + g.waters;
        border = new double[m][g.zones];
        below = new double[m][g.zones];
        corner = new double[m][m];
        inverse = new double[m][g.zones];
        eliminate();
        assemble();
    }

    // ---- what does not depend on the sources

    private void eliminate() {
        for (int t = 0; t < g.tiles; t++) {
            face(t, g.tileZone[t], k.tileFilm[t], k.tileRadiant[t]);
            if (!g.isLand(t)) {
                continue;
            }
            // (H1)
            surfaceDen[t] = film[t] + radiant[t] + latent.tileSlope[t] + columns.under(t);
            byAir[t] = film[t] / surfaceDen[t];
            byStar[t] = radiant[t] / surfaceDen[t];
            plume[t] = last.ground[t] > last.air[zone[t]] ? PLUME : 0;
        }
        for (int p = 0; p < net.patches; p++) {
            int f = g.tiles + p;
            face(f, net.patchZone[p], k.paneFilm[p], k.paneRadiant[p]);
            double half = net.patchHalf[p];
            double out = net.patchOut[p];
            // (H2)
            coreDen[p] = net.patchStore[p] * perSecond + half + half * out / (half + out);
            innerDen[p] = film[f] + radiant[f] + latent.paneSlope[p] + half * (1 - half / coreDen[p]);
            byAir[f] = film[f] / innerDen[p];
            byStar[f] = radiant[f] / innerDen[p];
        }
        for (int i = 0; i < net.platforms; i++) {
            int top = g.tiles + net.patches + 2 * i;
            face(top, net.platformZone[i], k.topFilm[i], k.topRadiant[i]);
            face(top + 1, net.platformZone[i], k.underFilm[i], k.underRadiant[i]);
            double[] air = platform(i, film[top], film[top + 1]);
            double[] star = platform(i, radiant[top], radiant[top + 1]);
            byAir[top] = air[0];
            byAir[top + 1] = air[1];
            byStar[top] = star[0];
            byStar[top + 1] = star[1];
            plume[top] = last.top[i] > last.air[zone[top]] ? PLUME : 0;
        }
        for (int n = 0; n < g.zones; n++) {
            int f = leafFace(n);
            face(f, n, k.leafFilm[n], k.leafRadiant[n]);
            double d = leafDen(n);
            byAir[f] = d > 0 ? film[f] / d : 0;
            byStar[f] = d > 0 ? radiant[f] / d : 0;
        }
    }

    private int leafFace(int n) {
        return g.tiles + net.patches + 2 * net.platforms + n;
    }

    private double leafDen(int n) {
        int f = leafFace(n);
        return film[f] + radiant[f] + latent.leafSlope[n];
    }

    private void face(int f, int at, double h, double r) {
        zone[f] = at;
        film[f] = h;
        radiant[f] = r;
    }

    /** Top and underside of a platform for heat given to each (K). */
    private double[] platform(int i, double onTop, double under) {
        int top = g.tiles + net.patches + 2 * i;
        ClimateCase.Platform p = g.enclosure.platforms().get(i);
        // (H3)
        double join = p.area() * p.matter().conductivity() / p.matter().thickness();
        double store = p.area() * p.matter().capacity() / 2 * perSecond;
        double a = store + film[top] + radiant[top] + join;
        double d = store + film[top + 1] + radiant[top + 1] + join;
        double det = a * d - join * join;
        return new double[] {(d * onTop + join * under) / det, (join * onTop + a * under) / det};
    }

    private boolean isFace(int f) {
        return film[f] > 0 && (f >= g.tiles || g.isLand(f));
    }

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
        for (int f = 0; f < faces; f++) {
            if (!isFace(f)) {
                continue;
            }
            int a = zone[f];
            corner[0][0] += radiant[f] * (1 - byStar[f]);
            below[0][a] -= radiant[f] * byAir[f];
            share(a, a, f, 1 - plume[f]);
            if (plume[f] > 0) {
                share(g.top(a), a, f, plume[f]);
            }
        }
        for (int t = 0; t < g.tiles; t++) {
            int w = g.water[g.region[t]];
            if (w >= 0) {
                int a = zone[t];
                matrix.add(a, a, film[t]);
                border[1 + w][a] -= film[t];
                below[1 + w][a] -= film[t];
                corner[0][0] += radiant[t];
                corner[0][1 + w] -= radiant[t];
                corner[1 + w][0] -= radiant[t];
                corner[1 + w][1 + w] += film[t] + radiant[t];
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
        matrix.add(to, a, -share * film[f] * (byAir[f] - 1));
        border[0][to] -= share * film[f] * byStar[f];
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
        double[] own = new double[faces];
        double[] a = columns.rise(s, whole, outside, start, last);
        for (int t = 0; t < g.tiles; t++) {
            own[t] = g.isLand(t) ? (s.tile[t] + (whole ? latent.tile[t] : 0) + columns.gives(t, a)) / surfaceDen[t] : 0;
        }
        double[] core = new double[net.patches];
        for (int p = 0; p < net.patches; p++) {
            double half = net.patchHalf[p];
            double out = net.patchOut[p];
            double history = whole ? net.patchStore[p] * perSecond * start.paneCore[p] : 0;
            core[p] = (history + half / (half + out) * (s.paneOut[p] + out * outside)) / coreDen[p];
            own[g.tiles + p] = (s.paneIn[p] + (whole ? latent.pane[p] : 0) + half * core[p]) / innerDen[p];
        }
        for (int i = 0; i < net.platforms; i++) {
            int top = g.tiles + net.patches + 2 * i;
            ClimateCase.Platform p = g.enclosure.platforms().get(i);
            double store = whole ? p.area() * p.matter().capacity() / 2 * perSecond : 0;
            double[] both = platform(i, s.platform[i] + store * start.top[i], store * start.under[i]);
            own[top] = both[0];
            own[top + 1] = both[1];
        }
        for (int n = 0; n < g.zones; n++) {
            double d = leafDen(n);
            own[leafFace(n)] = d > 0 ? (s.foliage[n] + (whole ? latent.leaf[n] : 0)) / d : 0;
        }
        ThermalState r = new ThermalState(net);
        reduced(s, whole, outside, start, own, r);
        spread(r, own, a, core, s, outside);
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
        for (int i = 0; i < faces; i++) {
            if (isFace(i)) {
                e[0] += radiant[i] * own[i];
                f[zone[i]] += (1 - plume[i]) * film[i] * own[i];
                f[g.top(zone[i])] += plume[i] * film[i] * own[i];
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

    /** Back to the faces and what lies behind them. */
    private void spread(ThermalState r, double[] own, double[] a, double[] core, HeatSources s, double outside) {
        for (int t = 0; t < g.tiles; t++) {
            if (!g.isLand(t)) {
                r.ground[t] = r.water[g.water[g.region[t]]];
                continue;
            }
            r.ground[t] = at(t, own, r);
        }
        columns.down(a, r.ground, r.cell);
        for (int p = 0; p < net.patches; p++) {
            double half = net.patchHalf[p];
            r.paneIn[p] = at(g.tiles + p, own, r);
            r.paneCore[p] = core[p] + half / coreDen[p] * r.paneIn[p];
            r.paneOut[p] = (half * r.paneCore[p] + s.paneOut[p] + net.patchOut[p] * outside) / (half + net.patchOut[p]);
        }
        for (int i = 0; i < net.platforms; i++) {
            int top = g.tiles + net.patches + 2 * i;
            r.top[i] = at(top, own, r);
            r.under[i] = at(top + 1, own, r);
        }
        for (int n = 0; n < g.zones; n++) {
            r.leaf[n] = leafDen(n) > 0 ? at(leafFace(n), own, r) : r.air[n];
        }
    }

    private double at(int f, double[] own, ThermalState r) {
        return own[f] + byAir[f] * r.air[zone[f]] + byStar[f] * r.star;
    }

    /** One more sweep of the columns with the air and the radiant node held (steady state). */
    public void sweep(ThermalState r, HeatSources s, double outside) {
        double[] a = columns.rise(s, true, outside, r, r);
        for (int t = 0; t < g.tiles; t++) {
            if (g.isLand(t)) {
                double own = (s.tile[t] + latent.tile[t] + columns.gives(t, a)) / surfaceDen[t];
                r.ground[t] = own + byAir[t] * r.air[zone[t]] + byStar[t] * r.star;
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
