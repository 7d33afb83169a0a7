package tanah.core.climate;

import java.util.Arrays;

/** Temperatures and humidities of all nodes at one moment (°C, kg/kg). */
final class State {
    final double[] air;
    double star;
    final double[] water;
    final double[] ground;
    final double[] cell;
    final double[] paneIn;
    final double[] paneCore;
    final double[] paneOut;
    final double[] top;
    final double[] under;
    final double[] leaf;
    final double[] humidity;

    State(Network net) {
        air = new double[net.grid.zones];
        water = new double[net.grid.waters];
        ground = new double[net.grid.tiles];
        cell = new double[net.grid.tiles * Grid.DEEP];
        paneIn = new double[net.patches];
        paneCore = new double[net.patches];
        paneOut = new double[net.patches];
        top = new double[net.platforms];
        under = new double[net.platforms];
        leaf = new double[net.grid.zones];
        humidity = new double[net.grid.zones];
    }

    static State even(Network net, double celsius, double humidity) {
        State s = new State(net);
        for (double[] part : s.temperatures()) {
            Arrays.fill(part, celsius);
        }
        s.star = celsius;
        Arrays.fill(s.humidity, humidity);
        return s;
    }

    /** All temperatures but that of the star. */
    double[][] temperatures() {
        return new double[][] {air, water, ground, cell, paneIn, paneCore, paneOut, top, under, leaf};
    }

    /** The same state on a network; where that has other nodes they begin at the mean of what they take the place of. */
    State copy(Network net) {
        State s = new State(net);
        double[][] mine = temperatures();
        double[][] theirs = s.temperatures();
        for (int i = 0; i < mine.length; i++) {
            spread(mine[i], theirs[i], star);
        }
        spread(humidity, s.humidity, 0);
        s.star = star;
        return s;
    }

    private static void spread(double[] from, double[] to, double usual) {
        if (from.length == to.length) {
            System.arraycopy(from, 0, to, 0, to.length);
        } else {
            Arrays.fill(to, Arrays.stream(from).average().orElse(usual));
        }
    }

    /** Adds a response, times a duty. */
    void add(State response, double duty) {
        double[][] mine = temperatures();
        double[][] theirs = response.temperatures();
        for (int i = 0; i < mine.length; i++) {
            for (int j = 0; j < mine[i].length; j++) {
                mine[i][j] += duty * theirs[i][j];
            }
        }
        star += duty * response.star;
    }

    /** Moves a share of the way to another; the largest change of air and ground before it (K). */
    double toward(State other, double share) {
        double largest = 0;
        double[][] mine = temperatures();
        double[][] theirs = other.temperatures();
        for (int i = 0; i < mine.length; i++) {
            for (int j = 0; j < mine[i].length; j++) {
                double d = theirs[i][j] - mine[i][j];
                if (mine[i] == air || mine[i] == ground || mine[i] == cell || mine[i] == water) {
                    largest = Math.max(largest, Math.abs(d));
                }
                mine[i][j] += share * d;
            }
        }
        star += share * (other.star - star);
        return largest;
    }

    /** Face of a tile: the soil's or its water's (°C). */
    double surface(Network net, int tile) {
        int w = net.grid.water[net.grid.region[tile]];
        return w < 0 ? ground[tile] : water[w];
    }

    double virtual(int zone) {
        return MoistAir.virtual(air[zone], humidity[zone]);
    }

    double meanAir() {
        return Arrays.stream(air).average().orElse(0);
    }
}
