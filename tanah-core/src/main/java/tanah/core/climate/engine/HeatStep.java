package tanah.core.climate.engine;

import java.util.Arrays;
import tanah.core.numeric.BandedSystem;
import tanah.core.numeric.DenseSystem;
import tanah.core.physics.MoistAir;

/**
 * The linear balance of heat (H1 to H6 of docs/models/climate.md) at given coefficients: every face is eliminated into the air of its zone and the
 * radiant node of its section; what is left is a banded system of the zones bordered by the sections and the waters.
 */
public final class HeatStep {
    private final Network net;
    private final Grid g;
    private final Coefficients k;
    private final Latent latent;
    private double perSecond;
    private ThermalState last;

    private final HeatFaces faces;
    private final Columns columns;

    private final BandedSystem matrix;
    private final int sections;
    /** Unknowns of the border: sections and waters. */
    private final int rim;
    /** By zone, then by unknown of the border: what couples the zone to it; after the solution the answer of the zone. */
    private final double[] border;
    /** By unknown of the border. */
    private final double[][] below;

    private final double[][] corner;
    private final double[][] belowViewed;
    private final double[][] cornerViewed;
    private double[][] reduced = {};
    private final double[] unused;

    /** Of one run; {@code k} and {@code latent} are as they stand when it is set. */
    public HeatStep(Network net, Coefficients k, Latent latent) {
        this.net = net;
        this.g = net.grid;
        this.k = k;
        this.latent = latent;
        last = new ThermalState(net);
        columns = new Columns(net);
        faces = new HeatFaces(net, k, latent);
        matrix = new BandedSystem(g.zones, net.half);
        sections = net.sections.count;
        rim = sections + g.waters;
        border = new double[g.zones * rim];
        below = new double[rim][g.zones];
        corner = new double[rim][rim];
        belowViewed = new double[sections][g.zones];
        cornerViewed = new double[sections][rim];
        unused = new double[g.zones];
    }

    /**
     * The balance of a round.
     *
     * @param perSecond 1/dt; 0 for the steady state
     * @param last      the iterate for plumes and, in the steady state, lateral conduction
     */
    public HeatStep set(double perSecond, ThermalState last) {
        this.perSecond = perSecond;
        this.last = last;
        columns.set(perSecond);
        faces.set(columns, perSecond, last);
        assemble();
        return this;
    }

    /** Speed at which the air mixes (m/s). */
    public double speed() {
        return k.speed();
    }

    // ---- what does not depend on the sources

    private void assemble() {
        double cap = MoistAir.DENSITY * MoistAir.HEAT * g.volume() * perSecond;
        matrix.clear();
        Arrays.fill(border, 0);
        Rows.clear(below);
        Rows.clear(corner);
        for (int n = 0; n < g.zones; n++) {
            // (H4)
            matrix.add(n, n, cap + MoistAir.HEAT * k.exchange[n] + latent.zoneSlope[n]);
        }
        Air.mix(matrix, net, k, MoistAir.HEAT, unused, 0);
        double radiant = 0;
        for (int s = 0; s < sections; s++) {
            corner[s][s] = k.meshRadiant[s];
            radiant += k.meshRadiant[s];
        }
        for (int f = 0; f < faces.count; f++) {
            if (!faces.isFace(f)) {
                continue;
            }
            int a = faces.zone[f];
            radiant += faces.radiant[f];
            seen(f, a);
            share(a, a, f, 1 - faces.plume[f]);
            if (faces.plume[f] > 0) {
                share(g.top(a), a, f, faces.plume[f]);
            }
        }
        radiant += waters();
        exchanged(radiant / net.sections.total);
        matrix.factor();
        matrix.solve(border, rim);
        for (int i = 0; i < rim; i++) {
            double[] row = corner[i];
            for (int n = 0; n < g.zones; n++) {
                double b = below[i][n];
                for (int j = 0; j < rim && b != 0; j++) {
                    row[j] -= b * border[n * rim + j];
                }
            }
        }
        reduced = DenseSystem.inverse(corner);
    }

    /** The waters and the tiles that are their face; what they radiate (W/K). */
    private double waters() {
        double radiant = 0;
        for (int t = 0; t < g.tiles; t++) {
            int w = g.water[g.region[t]];
            if (w >= 0) {
                int a = faces.zone[t];
                int s = net.sections.of(a);
                int b = sections + w;
                radiant += faces.radiant[t];
                matrix.add(a, a, faces.film[t]);
                border[a * rim + b] -= faces.film[t];
                below[b][a] -= faces.film[t];
                corner[s][s] += faces.radiant[t];
                corner[s][b] -= faces.radiant[t];
                corner[b][s] -= faces.radiant[t];
                corner[b][b] += faces.film[t] + faces.radiant[t];
            }
        }
        for (int w = 0; w < g.waters; w++) {
            // (H6)
            corner[sections + w][sections + w] +=
                    net.waterStore[w] * perSecond + latent.waterSlope[w] + net.waterBase[w] + net.waterEdge[w];
        }
        return radiant;
    }

    /** What a face gives the sections that it sees: its own radiation less theirs. */
    private void seen(int f, int a) {
        if (!faces.isOfPlatform(f)) {
            int s = net.sections.of(a);
            corner[s][s] += faces.radiant[f] * (1 - faces.byStar[f]);
            below[s][a] -= faces.radiant[f] * faces.byAir[f];
            return;
        }
        double[] sees = faces.sees(f);
        for (int s = 0; s < sections; s++) {
            if (sees[s] > 0) {
                double r = sees[s] * faces.radiant[f];
                for (int other = 0; other < sections; other++) {
                    corner[s][other] += r * (1 - faces.byStar[f]) * sees[other];
                }
                below[s][a] -= r * faces.byAir[f];
            }
        }
    }

    private void share(int to, int a, int f, double share) {
        matrix.add(to, a, -share * faces.film[f] * (faces.byAir[f] - 1));
        if (!faces.isOfPlatform(f)) {
            border[to * rim + net.sections.of(a)] -= share * faces.film[f] * faces.byStar[f];
            return;
        }
        double[] sees = faces.sees(f);
        for (int s = 0; s < sections; s++) {
            border[to * rim + s] -= share * faces.film[f] * faces.byStar[f] * sees[s];
        }
    }

    /** What a section gives off is shared out over all that see it; {@code mean} is the mean coefficient of radiation (W/m² K). */
    private void exchanged(double mean) {
        // (H5), (R3)
        double[][] view = net.sections.view;
        double[][] rows = cornerViewed;
        double[][] zones = belowViewed;
        Rows.clear(rows);
        Rows.clear(zones);
        for (int i = 0; i < sections; i++) {
            for (int j = 0; j < sections; j++) {
                Rows.add(rows[i], corner[j], view[i][j]);
                Rows.add(zones[i], below[j], view[i][j]);
                rows[i][j] -= mean * net.sections.exchange[i][j];
            }
            rows[i][i] += mean * net.sections.area[i];
        }
        for (int i = 0; i < sections; i++) {
            System.arraycopy(rows[i], 0, corner[i], 0, rim);
            System.arraycopy(zones[i], 0, below[i], 0, g.zones);
        }
    }

    // ---- one set of sources

    /**
     * @param start state at the start of the step
     * @param r     gets the solution
     */
    public void solve(HeatSources s, RoomAir room, ThermalState start, ThermalState r) {
        solve(s, true, room.celsius(), start, r);
    }

    /** What the sources alone add, without room and history. */
    public void response(HeatSources s, ThermalState r) {
        solve(s, false, 0, last, r);
    }

    private void solve(HeatSources s, boolean whole, double outside, ThermalState start, ThermalState r) {
        double[] a = columns.rise(s, whole, outside, start, last);
        double[] core = faces.cores(s, whole, outside, start);
        double[] own = faces.own(s, whole, start, columns, a, core);
        reduced(s, whole, outside, start, own, r);
        faces.spread(r, own, core, s, outside);
        columns.down(a, r.ground, r.cell);
    }

    private void reduced(
            HeatSources s, boolean whole, double outside, ThermalState start, double[] own, ThermalState r) {
        int m = rim;
        double[] f = r.air;
        double[] given = new double[sections];
        double[] e = new double[m];
        double cap = MoistAir.DENSITY * MoistAir.HEAT * g.volume() * perSecond;
        for (int n = 0; n < g.zones; n++) {
            f[n] = s.zone[n];
            if (whole) {
                double brings = MoistAir.HEAT * (k.exchange[n] + MoistAir.DENSITY * k.in[n]);
                f[n] += cap * start.air[n] + brings * outside + latent.zone[n];
            }
        }
        for (int i = 0; i < sections; i++) {
            given[i] = s.star[i] + k.meshRadiant[i] * outside;
        }
        for (int i = 0; i < faces.count; i++) {
            if (faces.isFace(i)) {
                if (faces.isOfPlatform(i)) {
                    Rows.add(given, faces.sees(i), faces.radiant[i] * own[i]);
                } else {
                    given[net.sections.of(faces.zone[i])] += faces.radiant[i] * own[i];
                }
                f[faces.zone[i]] += (1 - faces.plume[i]) * faces.film[i] * own[i];
                f[g.top(faces.zone[i])] += faces.plume[i] * faces.film[i] * own[i];
            }
        }
        for (int i = 0; i < sections; i++) {
            e[i] = Rows.dot(net.sections.view[i], given);
        }
        for (int w = 0; w < g.waters; w++) {
            e[sections + w] = s.water[w] + (net.waterBase[w] + net.waterEdge[w]) * outside;
            if (whole) {
                e[sections + w] += net.waterStore[w] * perSecond * start.water[w] + latent.water[w];
            }
        }
        matrix.solve(f);
        for (int i = 0; i < m; i++) {
            e[i] -= Rows.dot(below[i], f);
        }
        double[] x = new double[m];
        for (int i = 0; i < m; i++) {
            x[i] = Rows.dot(reduced[i], e);
        }
        for (int n = 0; n < g.zones; n++) {
            for (int j = 0; j < m; j++) {
                f[n] -= border[n * m + j] * x[j];
            }
        }
        System.arraycopy(x, 0, r.star, 0, sections);
        System.arraycopy(x, sections, r.water, 0, g.waters);
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
}
