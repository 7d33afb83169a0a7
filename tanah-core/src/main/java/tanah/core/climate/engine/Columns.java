package tanah.core.climate.engine;

import org.jspecify.annotations.Nullable;

/**
 * The ground under the land tiles at given coefficients: six cells a column, carried up from the bottom as a line in the
 * temperature of the face above. Neighbours are taken from the start of the step, in the steady state from the last
 * iterate. One object serves one round with one room and one start of the step.
 */
final class Columns {
    private final Network net;
    private final Grid g;
    private final double perSecond;
    /** By cell: one over its diagonal, and its answer to the temperature above it. */
    private final double[] share;

    private final double[] follows;
    private double @Nullable [] known;

    Columns(Network net, double perSecond) {
        this.net = net;
        this.g = net.grid;
        this.perSecond = perSecond;
        ColumnFactors factors = net.columns(perSecond);
        share = factors.share();
        follows = factors.follows();
    }

    /** What the column adds to the diagonal of a tile's face (W/K). */
    double under(int tile) {
        return net.up[tile] * (1 - follows[tile]);
    }

    /** What the column gives to a tile's face (W), by the values of its cells from {@link #rise}. */
    double gives(int tile, double[] own) {
        return net.up[tile] * own[tile];
    }

    /**
     * Values of the cells with the face at 0.
     *
     * @param whole whether room and history count, or only the sources
     */
    double[] rise(HeatSources s, boolean whole, double outside, ThermalState start, ThermalState beside) {
        double[] own = new double[share.length];
        boolean heated = s.isInGround();
        if (!whole && !heated) {
            return own;
        }
        if (whole) {
            double[] given = given(outside, start);
            System.arraycopy(given, 0, own, 0, own.length);
            neighbours(own, beside);
        }
        int deepest = (Grid.DEEP - 1) * g.tiles;
        if (heated) {
            for (int i = 0; i < own.length; i++) {
                own[i] += s.cell[i];
            }
            for (int t = 0; t < g.tiles; t++) {
                own[deepest + t] += net.baseShare[t] * s.base[t];
            }
        }
        double[] up = net.up;
        for (int t = deepest; t < own.length; t++) {
            own[t] *= share[t];
        }
        for (int from = deepest - g.tiles; from >= 0; from -= g.tiles) {
            for (int i = from; i < from + g.tiles; i++) {
                own[i] = (own[i] + up[i + g.tiles] * own[i + g.tiles]) * share[i];
            }
        }
        return own;
    }

    /** What room and history give to each cell; the same for every sweep of a round. */
    private double[] given(double outside, ThermalState start) {
        if (known != null) {
            return known;
        }
        double[] sum = new double[share.length];
        int deepest = (Grid.DEEP - 1) * g.tiles;
        double rate = g.tileArea * perSecond;
        for (int i = 0; i < sum.length; i++) {
            sum[i] = net.edge[i] * outside + net.capacity[i] * rate * start.cell[i];
        }
        for (int t = 0; t < g.tiles; t++) {
            sum[deepest + t] += net.downToRoom[t] * outside;
        }
        if (perSecond > 0) {
            Network.Pairs pairs = net.laterals;
            int[] a = pairs.a();
            int[] b = pairs.b();
            double[] conductance = pairs.value();
            for (int i = 0; i < a.length; i++) {
                double flow = conductance[i] * (start.cell[b[i]] - start.cell[a[i]]);
                sum[a[i]] += flow;
                sum[b[i]] -= flow;
            }
        }
        known = sum;
        return sum;
    }

    /** In the steady state cells side by side are taken from the last iterate. */
    private void neighbours(double[] own, ThermalState beside) {
        if (perSecond > 0) {
            return;
        }
        Network.Pairs pairs = net.laterals;
        int[] a = pairs.a();
        int[] b = pairs.b();
        double[] conductance = pairs.value();
        double[] cell = beside.cell;
        for (int i = 0; i < a.length; i++) {
            own[a[i]] += conductance[i] * cell[b[i]];
            own[b[i]] += conductance[i] * cell[a[i]];
        }
    }

    /** Cells of all tiles from the temperatures of their faces. */
    void down(double[] own, double[] faces, double[] cells) {
        double[] above = faces;
        int shift = 0;
        for (int from = 0; from < cells.length; from += g.tiles) {
            for (int t = 0; t < g.tiles; t++) {
                cells[from + t] = own[from + t] + follows[from + t] * above[shift + t];
            }
            above = cells;
            shift = from;
        }
    }
}
