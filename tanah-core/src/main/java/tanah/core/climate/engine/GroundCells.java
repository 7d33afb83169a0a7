package tanah.core.climate.engine;

import java.util.ArrayList;
import java.util.List;
import tanah.core.box.Factors;
import tanah.core.box.Sheet;
import tanah.core.light.Lid;

/** The ground as cells under each land tile, layer by layer over all tiles: what they store and what joins them. */
final class GroundCells {
    private static final double STABLE = 0.2 / 900; // 1/s of the longest step

    final double[] capacity;
    final double[] edge;
    /** By cell: conductance to the one above, of the first to the face (W/K). */
    final double[] up;

    final double[] downToRoom;
    final double[] baseShare;

    private final Grid grid;
    private final Factors factors;
    private final double[] resistance;
    private final double[] depth;

    GroundCells(Grid grid, Factors factors) {
        this.grid = grid;
        this.factors = factors;
        int nt = grid.tiles;
        resistance = new double[nt * Grid.DEEP];
        capacity = new double[nt * Grid.DEEP];
        edge = new double[nt * Grid.DEEP];
        up = new double[nt * Grid.DEEP];
        downToRoom = new double[nt];
        baseShare = new double[nt];
        depth = columns();
    }

    /** Two ground cells side by side. */
    private record Lateral(int a, int b, double conductance) {}

    /** Cells of the ground and what joins them; the depth of each tile's column (m). */
    private double[] columns() {
        double base = grid.enclosure.shell().bottom().resistance();
        double down = (Network.OUTER_DOWN + Network.STAND) / factors.envelope();
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
                                / (grid.halfAcross(side) / k + pane + Network.OUTER_UPRIGHT / factors.envelope());
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

    Network.Pairs laterals() {
        List<Lateral> found = new ArrayList<>();
        for (int t = 0; t < grid.tiles; t++) {
            if (t / grid.nty < grid.ntx - 1) {
                lateral(t, t + grid.nty, grid.dy / grid.dx, found);
            }
            if (t % grid.nty < grid.nty - 1) {
                lateral(t, t + 1, grid.dx / grid.dy, found);
            }
        }
        return new Network.Pairs(
                found.stream().mapToInt(Lateral::a).toArray(),
                found.stream().mapToInt(Lateral::b).toArray(),
                found.stream().mapToDouble(Lateral::conductance).toArray());
    }

    private void lateral(int a, int b, double shape, List<Lateral> found) {
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
}
