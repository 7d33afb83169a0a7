package tanah.core.climate.engine;

import tanah.core.box.ClimateCase;
import tanah.core.physics.ViewFactor;

/**
 * Long-wave exchange along the box (R1 to R4 of docs/models/climate.md): one radiant node for each column of zones along the length, that
 * see each other as the sections of a rectangular duct do.
 */
final class Sections {
    private static final double GROUND = 0.95; // emissivity, from memory, 0.90 to 0.97
    private static final double PANES = 0.92; // from memory, 0.84 to 0.96
    private static final double PLATFORMS = 0.93;
    private static final double MOST = 0.95; // share of what a section radiates that may leave it

    final int count;
    /** Faces as a mean radiant temperature sees them (m²): a tile, each patch, one side of a platform, foliage by zone, mesh by section. */
    final double tile;

    final double[] patch;
    final double[] platform;
    final double[] leaf;
    final double[] mesh;
    /** Radiant area of each section (m²). */
    final double[] area;
    /** Sum of the radiant areas (m²). */
    final double total;
    /** Exchange between sections, and with itself what stays (m²): symmetric, rows sum to the radiant area. */
    final double[][] exchange;
    /** Share of what one section gives off, by column, that each receives. */
    final double[][] view;
    /** Shares of a platform by section. */
    final double[][] ofPlatform;

    private final Network net;
    private final Grid g;
    private double all; // m², all faces

    Sections(Network net) {
        this.net = net;
        this.g = net.grid;
        count = g.nax;
        patch = new double[net.patches];
        platform = new double[net.platforms];
        leaf = new double[g.zones];
        mesh = new double[count];
        area = new double[count];
        ofPlatform = new double[net.platforms][];
        tile = faces();
        double sum = 0;
        for (double a : area) {
            sum += a;
        }
        total = sum;
        exchange = exchange();
        view = new double[count][count];
        for (int i = 0; i < count; i++) {
            for (int j = 0; j < count; j++) {
                view[i][j] = exchange[i][j] / area[j];
            }
        }
    }

    /** The section of a zone. */
    int of(int zone) {
        return zone / (g.nay * g.naz);
    }

    /** Fills the faces and the radiant areas; the face of a tile. */
    private double faces() {
        double tiles = g.tiles * g.tileArea;
        double open = g.enclosure.shell().lid().meshArea();
        double leaves = 2 * HeatSources.total(net.leaves) + HeatSources.total(net.wettable);
        all = tiles + open + leaves + HeatSources.total(net.faceArea);
        for (ClimateCase.Platform p : g.enclosure.platforms()) {
            all += 2 * p.area();
        }
        double each = seen(g.tileArea, GROUND, tiles);
        for (int t = 0; t < g.tiles; t++) {
            area[of(g.tileZone[t])] += each;
        }
        for (int p = 0; p < net.patches; p++) {
            patch[p] = seen(net.patchArea[p], PANES, net.faceArea[net.patchFace[p]]);
            area[of(net.patchZone[p])] += patch[p];
        }
        for (int i = 0; i < net.platforms; i++) {
            ClimateCase.Platform p = g.enclosure.platforms().get(i);
            platform[i] = seen(p.area(), PLATFORMS, 2 * p.area());
            ofPlatform[i] = shares(p, of(net.platformZone[i]));
            for (int s = 0; s < count; s++) {
                area[s] += 2 * platform[i] * ofPlatform[i][s];
            }
        }
        for (int n = 0; n < g.zones; n++) {
            double here = 2 * net.leaves[n] + net.wettable[n];
            leaf[n] = here > 0 ? seen(here, GROUND, leaves) : 0;
            area[of(n)] += leaf[n];
            double hole = net.mesh(n) * g.enclosure.shell().lid().open();
            mesh[of(n)] += hole;
            area[of(n)] += hole;
        }
        return each;
    }

    /** First-order form of Carroll's 1980 network of a mean radiant temperature. */
    private double seen(double face, double emits, double group) {
        // (R1)
        return face / (1 / emits - group / all);
    }

    private double[] shares(ClimateCase.Platform p, int usual) {
        double[] shares = new double[count];
        double sum = 0;
        for (int s = 0; s < count; s++) {
            double from = Math.max(s * g.zoneX, p.x() - p.sizeX() / 2);
            double to = Math.min((s + 1) * g.zoneX, p.x() + p.sizeX() / 2);
            shares[s] = Math.max(0, to - from);
            sum += shares[s];
        }
        for (int s = 0; s < count; s++) {
            shares[s] = sum > 0 ? shares[s] / sum : s == usual ? 1 : 0;
        }
        return shares;
    }

    private double[][] exchange() {
        double[][] between = new double[count][count];
        double[] leaving = new double[count];
        for (int i = 0; i < count; i++) {
            for (int j = i + 1; j < count; j++) {
                // (R2)
                double s = ViewFactor.sections(g.enclosure.shell().width(), g.air, g.zoneX, count, i, j);
                between[i][j] = s;
                between[j][i] = s;
                leaving[i] += s;
                leaving[j] += s;
            }
        }
        double scale = 1;
        for (int i = 0; i < count; i++) {
            scale = leaving[i] > 0 ? Math.min(scale, MOST * area[i] / leaving[i]) : scale;
        }
        for (int i = 0; i < count; i++) {
            double out = 0;
            for (int j = 0; j < count; j++) {
                between[i][j] *= scale;
                out += between[i][j];
            }
            between[i][i] = area[i] - out;
        }
        return between;
    }
}
