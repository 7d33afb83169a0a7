package tanah.core.climate.engine;

import tanah.core.box.ClimateCase;

/** Faces that are eliminated into the air of their zone and the radiant node of their section: land tiles, patches, platforms, foliage of zones. */
final class HeatFaces {
    private static final double PLUME =
            0.6; // share of a warm face's flux that rises to the top, from memory, 0.3 to 0.8

    final int count;
    final int[] zone;
    final double[] film;
    final double[] radiant;
    final double[] plume;
    final double[] byAir;
    final double[] byStar;

    private final Network net;
    private final Grid g;
    private final Coefficients k;
    private final Latent latent;
    private final double[] core;
    private final double[] own;
    private double perSecond;
    private final double[] surfaceDen;
    private final double[] coreDen;
    private final double[] innerDen;

    HeatFaces(Network net, Coefficients k, Latent latent) {
        this.net = net;
        this.g = net.grid;
        this.k = k;
        this.latent = latent;
        count = g.tiles + net.patches + 2 * net.platforms + g.zones;
        zone = new int[count];
        film = new double[count];
        radiant = new double[count];
        plume = new double[count];
        byAir = new double[count];
        byStar = new double[count];
        surfaceDen = new double[g.tiles];
        coreDen = new double[net.patches];
        innerDen = new double[net.patches];
        core = new double[net.patches];
        own = new double[count];
    }

    /** The faces of a round. */
    void set(Columns columns, double perSecond, ThermalState last) {
        this.perSecond = perSecond;
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

    /** Shares of a side of a platform by the sections that it sees; every other face sees that of its zone alone. */
    double[] sees(int f) {
        return net.sections.ofPlatform[(f - g.tiles - net.patches) / 2];
    }

    boolean isOfPlatform(int f) {
        int platform = f - g.tiles - net.patches;
        return platform >= 0 && platform < 2 * net.platforms;
    }

    boolean isFace(int f) {
        return film[f] > 0 && (f >= g.tiles || g.isLand(f));
    }

    /** What the middle of each patch comes to without its inner face (°C), until it is asked again. */
    double[] cores(HeatSources s, boolean whole, double outside, ThermalState start) {
        for (int p = 0; p < net.patches; p++) {
            double half = net.patchHalf[p];
            double out = net.patchOut[p];
            double history = whole ? net.patchStore[p] * perSecond * start.paneCore[p] : 0;
            core[p] = (history + half / (half + out) * (s.paneOut[p] + out * outside)) / coreDen[p];
        }
        return core;
    }

    /** What each face comes to by its own sources (°C), until it is asked again. */
    double[] own(HeatSources s, boolean whole, ThermalState start, Columns columns, double[] a, double[] core) {
        for (int t = 0; t < g.tiles; t++) {
            own[t] = g.isLand(t) ? tile(t, s, whole, columns, a) : 0;
        }
        for (int p = 0; p < net.patches; p++) {
            own[g.tiles + p] = (s.paneIn[p] + (whole ? latent.pane[p] : 0) + net.patchHalf[p] * core[p]) / innerDen[p];
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
        return own;
    }

    double tile(int t, HeatSources s, boolean whole, Columns columns, double[] a) {
        return (s.tile[t] + (whole ? latent.tile[t] : 0) + columns.gives(t, a)) / surfaceDen[t];
    }

    /** Back to the faces and what lies behind them. */
    void spread(ThermalState r, double[] own, double[] core, HeatSources s, double outside) {
        for (int t = 0; t < g.tiles; t++) {
            if (!g.isLand(t)) {
                r.ground[t] = r.water[g.water[g.region[t]]];
                continue;
            }
            r.ground[t] = at(t, own[t], r);
        }
        for (int p = 0; p < net.patches; p++) {
            double half = net.patchHalf[p];
            r.paneIn[p] = at(g.tiles + p, own[g.tiles + p], r);
            r.paneCore[p] = core[p] + half / coreDen[p] * r.paneIn[p];
            r.paneOut[p] = (half * r.paneCore[p] + s.paneOut[p] + net.patchOut[p] * outside) / (half + net.patchOut[p]);
        }
        for (int i = 0; i < net.platforms; i++) {
            int top = g.tiles + net.patches + 2 * i;
            r.top[i] = at(top, own[top], r);
            r.under[i] = at(top + 1, own[top + 1], r);
        }
        for (int n = 0; n < g.zones; n++) {
            r.leaf[n] = leafDen(n) > 0 ? at(leafFace(n), own[leafFace(n)], r) : r.air[n];
        }
    }

    double at(int f, double own, ThermalState r) {
        double star = isOfPlatform(f) ? r.around(sees(f)) : r.star[net.sections.of(zone[f])];
        return own + byAir[f] * r.air[zone[f]] + byStar[f] * star;
    }
}
