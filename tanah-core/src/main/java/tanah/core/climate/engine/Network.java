package tanah.core.climate.engine;

import java.util.ArrayList;
import java.util.List;
import tanah.core.box.ClimateCase;
import tanah.core.box.Factors;
import tanah.core.box.Floor;
import tanah.core.box.Pane;
import tanah.core.box.Sheet;
import tanah.core.box.Shell;
import tanah.core.light.Lid;

/** What conducts and stores heat and does not change: ground columns, panes, platforms, water, links of the air. */
public final class Network {
    static final double OUTER_UPRIGHT = 0.13; // m² K/W, EN ISO 6946
    static final double OUTER_UP = 0.10; // EN ISO 6946
    static final double OUTER_DOWN = 0.17; // EN ISO 6946
    static final double STAND = 0.10; // m² K/W of the stand, from memory, 0 to 0.4
    static final double WATER_FILM = 60; // W/m² K, from memory, 30 to 200
    private static final double STABLE = 0.2 / 900; // 1/s of the longest step
    private static final double LEAST_AREA = 1e-9;

    public final Grid grid;
    public final Factors factors;

    // ground, per cell (layer by layer over all tiles)
    final double[] resistance;
    public final double[] capacity;
    public final double[] edge;
    /** By cell: conductance to the one above, of the first to the face (W/K). */
    final double[] up;

    final Pairs laterals;
    public final double[] downToRoom;
    public final double[] baseShare;

    // panes
    public final int patches;
    public final int[] patchFace;
    public final int[] patchZone;
    public final double[] patchArea;
    final double[] patchHalf;
    public final double[] patchStore;
    public final double[] patchOut;
    /** By face: left, right, front, back, lid. */
    public final double[] faceArea = new double[5];

    // platforms
    public final int platforms;
    final int[] platformZone;

    // foliage
    public final double[] leaves;
    public final double[] wettable;

    // water
    final double[] waterArea;
    public final double[] waterStore;
    public final double[] waterBase;
    public final double[] waterEdge;

    final Pairs links;
    final double[] linkDistance;
    final boolean[] linkUpright;
    final int half;

    /**
     * Neighbours in flat arrays, because they are walked in every step.
     *
     * @param a     one of each pair
     * @param b     the other
     * @param value of the pair: area of zones that touch (m²), conductance of ground cells side by side (W/K)
     */
    record Pairs(int[] a, int[] b, double[] value) {
        int size() {
            return value.length;
        }
    }

    /** Two ground cells side by side. */
    private record Lateral(int a, int b, double conductance) {}

    public Network(Grid grid, Factors factors) {
        this.grid = grid;
        this.factors = factors;
        ClimateCase c = grid.enclosure;
        int nt = grid.tiles;
        resistance = new double[nt * Grid.DEEP];
        capacity = new double[nt * Grid.DEEP];
        edge = new double[nt * Grid.DEEP];
        downToRoom = new double[nt];
        baseShare = new double[nt];
        up = new double[nt * Grid.DEEP];
        double[] depth = columns();
        laterals = laterals(depth);
        List<double[]> found = patches();
        patches = found.size();
        patchFace = new int[patches];
        patchZone = new int[patches];
        patchArea = new double[patches];
        patchHalf = new double[patches];
        patchStore = new double[patches];
        patchOut = new double[patches];
        for (int p = 0; p < patches; p++) {
            patch(p, found.get(p));
        }
        platforms = c.platforms().size();
        platformZone = c.platforms().stream()
                .mapToInt(f -> grid.zoneAt(f.x(), f.y(), f.z() + 1e-4))
                .toArray();
        leaves = grid.leaves();
        wettable = grid.wettable();
        waterArea = new double[grid.waters];
        waterStore = new double[grid.waters];
        waterBase = new double[grid.waters];
        waterEdge = new double[grid.waters];
        waters();
        List<AirLink> touching = AirLink.of(grid);
        links = new Pairs(
                touching.stream().mapToInt(AirLink::a).toArray(),
                touching.stream().mapToInt(AirLink::b).toArray(),
                touching.stream().mapToDouble(AirLink::area).toArray());
        linkDistance = touching.stream().mapToDouble(AirLink::distance).toArray();
        linkUpright = new boolean[touching.size()];
        for (int i = 0; i < linkUpright.length; i++) {
            linkUpright[i] = touching.get(i).upright();
        }
        half = grid.nay * grid.naz;
    }

    /** Cells of the ground and what joins them; the depth of each tile's column (m). */
    private double[] columns() {
        double base = grid.enclosure.shell().bottom().resistance();
        double down = (OUTER_DOWN + STAND) / factors.envelope();
        int nt = grid.tiles;
        double[] depths = new double[nt];
        for (int t = 0; t < nt; t++) {
            if (!grid.isLand(t)) {
                continue;
            }
            List<Sheet> layers = grid.layers(t);
            double depth = layers.stream().mapToDouble(Sheet::thickness).sum();
            depths[t] = depth;
            double from = 0;
            for (int c = 0; c < Grid.DEEP; c++) {
                double to = from + Grid.CELLS[c] * depth;
                double top = 0;
                for (Sheet layer : layers) {
                    double cut = Math.min(to, top + layer.thickness()) - Math.max(from, top);
                    if (cut > 0) {
                        resistance[c * nt + t] += cut / layer.conductivity();
                        capacity[c * nt + t] += cut * layer.heat();
                    }
                    top += layer.thickness();
                }
                double high = to - from;
                double k = high / resistance[c * nt + t];
                for (Lid.Side side : Lid.Side.values()) {
                    if (grid.isAt(t, side)) {
                        double pane = grid.enclosure.shell().sides().get(side).resistance();
                        edge[c * nt + t] += grid.along(side)
                                * high
                                / (grid.halfAcross(side) / k + pane + OUTER_UPRIGHT / factors.envelope());
                    }
                }
                from = to;
            }
            for (int c = 0; c < Grid.DEEP; c++) {
                double r = resistance[c * nt + t] / 2 + (c == 0 ? 0 : resistance[(c - 1) * nt + t] / 2);
                up[c * nt + t] = grid.tileArea / r;
            }
            double inside = grid.tileArea / (resistance[5 * nt + t] / 2 + base);
            double out = grid.tileArea / down;
            downToRoom[t] = inside * out / (inside + out);
            // share of the heat of a bottom mat that goes up
            baseShare[t] = inside / (inside + out);
        }
        return depths;
    }

    private Pairs laterals(double[] depth) {
        List<Lateral> found = new ArrayList<>();
        for (int t = 0; t < grid.tiles; t++) {
            if (t / grid.nty < grid.ntx - 1) {
                lateral(t, t + grid.nty, grid.dy / grid.dx, depth, found);
            }
            if (t % grid.nty < grid.nty - 1) {
                lateral(t, t + 1, grid.dx / grid.dy, depth, found);
            }
        }
        return new Pairs(
                found.stream().mapToInt(Lateral::a).toArray(),
                found.stream().mapToInt(Lateral::b).toArray(),
                found.stream().mapToDouble(Lateral::conductance).toArray());
    }

    private void lateral(int a, int b, double shape, double[] depth, List<Lateral> found) {
        if (!grid.isLand(a) || !grid.isLand(b)) {
            return;
        }
        double least = Math.min(grid.dx, grid.dy);
        for (int c = 0; c < Grid.DEEP; c++) {
            double ha = Grid.CELLS[c] * depth[a];
            double hb = Grid.CELLS[c] * depth[b];
            int ia = c * grid.tiles + a;
            int ib = c * grid.tiles + b;
            double ka = Math.min(ha / resistance[ia], STABLE * capacity[ia] / ha * least * least);
            double kb = Math.min(hb / resistance[ib], STABLE * capacity[ib] / hb * least * least);
            found.add(new Lateral(ia, ib, 2 * ka * kb / (ka + kb) * (ha + hb) / 2 * shape));
        }
    }

    /** Face, zone and area of every patch. */
    private List<double[]> patches() {
        List<double[]> found = new ArrayList<>();
        for (int i = 0; i < grid.nax; i++) {
            for (int j = 0; j < grid.nay; j++) {
                for (int k = 0; k < grid.naz; k++) {
                    int n = grid.zone(i, j, k);
                    if (i == 0) {
                        found.add(new double[] {0, n, grid.zoneY * grid.zoneZ});
                    }
                    if (i == grid.nax - 1) {
                        found.add(new double[] {1, n, grid.zoneY * grid.zoneZ});
                    }
                    if (j == 0) {
                        found.add(new double[] {2, n, grid.zoneX * grid.zoneZ});
                    }
                    if (j == grid.nay - 1) {
                        found.add(new double[] {3, n, grid.zoneX * grid.zoneZ});
                    }
                    double solid = grid.zoneX * grid.zoneY - mesh(n);
                    if (k == grid.naz - 1 && solid > LEAST_AREA) {
                        found.add(new double[] {4, n, solid});
                    }
                }
            }
        }
        return found;
    }

    /** Mesh of the lid over a zone (m²), if it is a top one. */
    double mesh(int zone) {
        Lid lid = grid.enclosure.shell().lid();
        if (zone % grid.naz != grid.naz - 1 || lid.meshArea() <= 0) {
            return 0;
        }
        var b = grid.block(zone);
        return Math.max(0, Math.min(b.x1(), lid.right()) - Math.max(b.x0(), lid.left()))
                * Math.max(0, Math.min(b.y1(), lid.back()) - Math.max(b.y0(), lid.front()));
    }

    Pane pane(int face) {
        Shell s = grid.enclosure.shell();
        return face == 4
                ? s.cover().orElseThrow()
                : s.sides()
                        .get(
                                switch (face) {
                                    case 0 -> Lid.Side.LEFT;
                                    case 1 -> Lid.Side.RIGHT;
                                    case 2 -> Lid.Side.FRONT;
                                    default -> Lid.Side.BACK;
                                });
    }

    private void patch(int p, double[] found) {
        int face = (int) found[0];
        patchFace[p] = face;
        patchZone[p] = (int) found[1];
        patchArea[p] = found[2];
        faceArea[face] += found[2];
        Pane pane = pane(face);
        patchHalf[p] = found[2] / (pane.resistance() / 2);
        patchStore[p] = found[2] * pane.capacity();
        patchOut[p] = factors.envelope() * found[2] / (face == 4 ? OUTER_UP : OUTER_UPRIGHT);
    }

    private void waters() {
        double base = grid.enclosure.shell().bottom().resistance();
        double down = (OUTER_DOWN + STAND) / factors.envelope();
        for (int t = 0; t < grid.tiles; t++) {
            int w = grid.water[grid.region[t]];
            if (w < 0) {
                continue;
            }
            double depth = ((Floor.Water) grid.enclosure.floor().get(grid.region[t])).depth();
            waterArea[w] += grid.tileArea;
            waterStore[w] += grid.tileArea * depth * 4.18e6;
            waterBase[w] += grid.tileArea / (1 / WATER_FILM + base + down);
            for (Lid.Side side : Lid.Side.values()) {
                if (grid.isAt(t, side)) {
                    double pane = grid.enclosure.shell().sides().get(side).resistance();
                    waterEdge[w] +=
                            grid.along(side) * depth / (1 / WATER_FILM + pane + OUTER_UPRIGHT / factors.envelope());
                }
            }
        }
    }
}
