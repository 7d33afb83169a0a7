package tanah.core.climate;

/** Where the heat of a device goes (W at full power). What stays outside is {@code room}. */
final class Sources {
    final double[] tile;
    final double[] cell;
    final double[] base;
    final double[] paneIn;
    final double[] paneOut;
    final double[] platform;
    final double[] foliage;
    final double[] zone;
    final double[] water;
    double star;
    double room;

    Sources(Network net) {
        tile = new double[net.grid.tiles];
        cell = new double[net.grid.tiles * Grid.DEEP];
        base = new double[net.grid.tiles];
        paneIn = new double[net.patches];
        paneOut = new double[net.patches];
        platform = new double[net.platforms];
        foliage = new double[net.grid.zones];
        zone = new double[net.grid.zones];
        water = new double[net.grid.waters];
    }

    private double[][] all() {
        return new double[][] {tile, cell, base, paneIn, paneOut, platform, foliage, zone, water};
    }

    /** Whether any of it goes into the ground below its face. */
    boolean isInGround() {
        for (double v : cell) {
            if (v != 0) {
                return true;
            }
        }
        for (double v : base) {
            if (v != 0) {
                return true;
            }
        }
        return false;
    }

    double sum() {
        double sum = star + room;
        for (double[] part : all()) {
            sum += total(part);
        }
        return sum;
    }

    static double total(double[] part) {
        double sum = 0;
        for (double v : part) {
            sum += v;
        }
        return sum;
    }

    void add(Sources other, double times) {
        double[][] mine = all();
        double[][] theirs = other.all();
        for (int i = 0; i < mine.length; i++) {
            for (int j = 0; j < mine[i].length; j++) {
                mine[i][j] += times * theirs[i][j];
            }
        }
        star += times * other.star;
        room += times * other.room;
    }
}
