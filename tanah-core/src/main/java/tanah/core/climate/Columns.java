package tanah.core.climate;

/**
 * The ground under the land tiles at given coefficients: six cells a column, carried up from the bottom as a line in the
 * temperature of the face above. Neighbours are taken from the start of the step, in the steady state from the last
 * iterate.
 */
final class Columns {
    private final Network net;
    private final Grid g;
    private final double perSecond;
    /** By cell: one over its diagonal, and its answer to the temperature above it. */
    private final double[] share;

    private final double[] follows;

    Columns(Network net, double perSecond) {
        this.net = net;
        this.g = net.grid;
        this.perSecond = perSecond;
        share = new double[g.tiles * Grid.DEEP];
        follows = new double[share.length];
        double[] beside = new double[share.length];
        if (perSecond == 0) {
            Network.Pairs pairs = net.laterals;
            for (int i = 0; i < pairs.size(); i++) {
                beside[pairs.a()[i]] += pairs.value()[i];
                beside[pairs.b()[i]] += pairs.value()[i];
            }
        }
        int deepest = (Grid.DEEP - 1) * g.tiles;
        for (int i = share.length - 1; i >= 0; i--) {
            double d = net.capacity[i] * g.tileArea * perSecond + net.up[i] + net.edge[i] + beside[i];
            d += i >= deepest ? net.downToRoom[i - deepest] : net.up[i + g.tiles] * (1 - follows[i + g.tiles]);
            // water tiles have no column
            share[i] = d > 0 ? 1 / d : 0;
            follows[i] = net.up[i] * share[i];
        }
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
    double[] rise(Sources s, boolean whole, double outside, State start, State beside) {
        double[] own = new double[share.length];
        if (!whole && !s.isInGround()) {
            return own;
        }
        if (whole) {
            neighbours(own, start, beside);
        }
        int deepest = (Grid.DEEP - 1) * g.tiles;
        for (int i = share.length - 1; i >= 0; i--) {
            double sum = own[i] + s.cell[i] + net.edge[i] * outside;
            if (whole) {
                sum += net.capacity[i] * g.tileArea * perSecond * start.cell[i];
            }
            sum += i >= deepest
                    ? net.downToRoom[i - deepest] * outside + net.baseShare[i - deepest] * s.base[i - deepest]
                    : net.up[i + g.tiles] * own[i + g.tiles];
            own[i] = sum * share[i];
        }
        return own;
    }

    private void neighbours(double[] own, State start, State beside) {
        Network.Pairs pairs = net.laterals;
        int[] a = pairs.a();
        int[] b = pairs.b();
        double[] conductance = pairs.value();
        if (perSecond == 0) {
            for (int i = 0; i < a.length; i++) {
                own[a[i]] += conductance[i] * beside.cell[b[i]];
                own[b[i]] += conductance[i] * beside.cell[a[i]];
            }
        } else {
            for (int i = 0; i < a.length; i++) {
                double flow = conductance[i] * (start.cell[b[i]] - start.cell[a[i]]);
                own[a[i]] += flow;
                own[b[i]] -= flow;
            }
        }
    }

    /** Cells of all tiles from the temperatures of their faces. */
    void down(double[] own, double[] faces, double[] cells) {
        for (int t = 0; t < g.tiles; t++) {
            double above = faces[t];
            for (int i = t; i < cells.length; i += g.tiles) {
                above = own[i] + follows[i] * above;
                cells[i] = above;
            }
        }
    }
}
