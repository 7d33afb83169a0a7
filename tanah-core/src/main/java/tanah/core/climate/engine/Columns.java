package tanah.core.climate.engine;

import java.util.Arrays;

/**
 * The ground under the land tiles at given coefficients: six cells a column, carried up from the bottom as a line in the
 * temperature of the face above. Neighbours are taken from the start of the step, in the steady state from the last
 * iterate.
 */
final class Columns {
    private final Network net;
    private final Grid g;
    private double perSecond;
    /** By cell: one over its diagonal, and its answer to the temperature above it. */
    private double[] share;

    private double[] follows;
    /** What room and history give to each cell, the same for every sweep of a round. */
    private final double[] known;

    private boolean isKnown;
    private final double[] own;

    Columns(Network net) {
        this.net = net;
        this.g = net.grid;
        ColumnFactors steady = net.columns(0);
        share = steady.share();
        follows = steady.follows();
        known = new double[share.length];
        own = new double[share.length];
    }

    /** A new round, with one room and one start of the step. */
    Columns set(double perSecond) {
        this.perSecond = perSecond;
        ColumnFactors factors = net.columns(perSecond);
        share = factors.share();
        follows = factors.follows();
        isKnown = false;
        return this;
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
     * Values of the cells with the face at 0, until it is asked again.
     *
     * @param whole whether room and history count, or only the sources
     */
    double[] rise(HeatSources s, boolean whole, double outside, ThermalState start, ThermalState beside) {
        boolean heated = s.isInGround();
        if (whole) {
            know(outside, start);
            System.arraycopy(known, 0, own, 0, own.length);
            neighbours(beside);
        } else {
            Arrays.fill(own, 0);
            if (!heated) {
                return own;
            }
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

    private void know(double outside, ThermalState start) {
        if (isKnown) {
            return;
        }
        isKnown = true;
        double[] sum = known;
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
    }

    /** In the steady state cells side by side are taken from the last iterate. */
    private void neighbours(ThermalState beside) {
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
