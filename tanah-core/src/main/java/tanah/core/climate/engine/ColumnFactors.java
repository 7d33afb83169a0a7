package tanah.core.climate.engine;

/**
 * What of the columns of ground hangs on the length of a step alone.
 *
 * @param perSecond 1/step; 0 in the steady state
 * @param share     by cell: one over its diagonal; 0 where a tile has no column
 * @param follows   by cell: its answer to the temperature above it
 */
record ColumnFactors(double perSecond, double[] share, double[] follows) {
    static ColumnFactors of(Network net, double perSecond) {
        Grid g = net.grid;
        double[] share = new double[g.tiles * Grid.DEEP];
        double[] follows = new double[share.length];
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
        return new ColumnFactors(perSecond, share, follows);
    }
}
