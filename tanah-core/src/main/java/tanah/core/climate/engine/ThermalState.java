package tanah.core.climate.engine;

import java.util.Arrays;
import tanah.core.physics.MoistAir;

/** Temperatures and humidities of all nodes at one moment (°C, kg/kg). */
public final class ThermalState {
    private static final double FURTHEST = 0.8;

    public final double[] air;
    /** Mean radiant temperature of each section. */
    public final double[] star;

    public final double[] water;
    public final double[] ground;
    public final double[] cell;
    public final double[] paneIn;
    public final double[] paneCore;
    public final double[] paneOut;
    public final double[] top;
    public final double[] under;
    public final double[] leaf;
    public final double[] humidity;

    public ThermalState(Network net) {
        air = new double[net.grid.zones];
        star = new double[net.sections.count];
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

    public static ThermalState even(Network net, double celsius, double humidity) {
        ThermalState s = new ThermalState(net);
        for (double[] part : s.temperatures()) {
            Arrays.fill(part, celsius);
        }
        Arrays.fill(s.humidity, humidity);
        return s;
    }

    /** All zero again, to be filled anew. */
    public ThermalState clear() {
        for (double[] part : temperatures()) {
            Arrays.fill(part, 0);
        }
        Arrays.fill(humidity, 0);
        return this;
    }

    double[][] temperatures() {
        return new double[][] {air, star, water, ground, cell, paneIn, paneCore, paneOut, top, under, leaf};
    }

    /** The same state on a network; where that has other nodes they begin at the mean of what they take the place of. */
    public ThermalState copy(Network net) {
        ThermalState s = new ThermalState(net);
        double[][] mine = temperatures();
        double[][] theirs = s.temperatures();
        for (int i = 0; i < mine.length; i++) {
            spread(mine[i], theirs[i], meanAir());
        }
        spread(humidity, s.humidity, 0);
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
    public void add(ThermalState response, double duty) {
        double[][] mine = temperatures();
        double[][] theirs = response.temperatures();
        for (int i = 0; i < mine.length; i++) {
            for (int j = 0; j < mine[i].length; j++) {
                mine[i][j] += duty * theirs[i][j];
            }
        }
    }

    /** On the way to a later state, by a share of it; humidity too. */
    public ThermalState between(Network net, ThermalState later, double share) {
        ThermalState s = copy(net);
        s.toward(later, share);
        for (int i = 0; i < humidity.length; i++) {
            s.humidity[i] += share * (later.humidity[i] - humidity[i]);
        }
        return s;
    }

    /** Moves a share of the way to another; the largest change of air and ground before it (K). */
    public double toward(ThermalState other, double share) {
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
        return largest;
    }

    /**
     * How much of the step that led here the next step still goes on: projected on the first of the two, over all temperatures.
     *
     * @param before the state before this one
     * @param later  the state after it
     * @return 0 where it turns round, at most 0.8
     */
    public double share(ThermalState before, ThermalState later) {
        double product = 0;
        double square = 0;
        double[][] one = before.temperatures();
        double[][] two = temperatures();
        double[][] three = later.temperatures();
        for (int i = 0; i < two.length; i++) {
            for (int j = 0; j < two[i].length; j++) {
                double first = two[i][j] - one[i][j];
                product += first * (three[i][j] - two[i][j]);
                square += first * first;
            }
        }
        return square > 0 ? Math.max(-FURTHEST, Math.min(FURTHEST, product / square)) : 0;
    }

    /** Goes on from an earlier state by a share of the way from there; humidity too. */
    public void extend(ThermalState earlier, double share) {
        double[][] mine = temperatures();
        double[][] theirs = earlier.temperatures();
        for (int i = 0; i < mine.length; i++) {
            for (int j = 0; j < mine[i].length; j++) {
                mine[i][j] += share * (mine[i][j] - theirs[i][j]);
            }
        }
        for (int i = 0; i < humidity.length; i++) {
            humidity[i] += share * (humidity[i] - earlier.humidity[i]);
        }
    }

    /** Becomes what changes in a second between two states. */
    public void rate(ThermalState from, ThermalState to, double seconds) {
        double[][] mine = all();
        double[][] one = from.all();
        double[][] two = to.all();
        for (int i = 0; i < mine.length; i++) {
            for (int j = 0; j < mine[i].length; j++) {
                mine[i][j] = (two[i][j] - one[i][j]) / seconds;
            }
        }
    }

    /** Becomes another, moved on at a rate. */
    public ThermalState ahead(ThermalState from, ThermalState rate, double seconds) {
        double[][] mine = all();
        double[][] one = from.all();
        double[][] two = rate.all();
        for (int i = 0; i < mine.length; i++) {
            for (int j = 0; j < mine[i].length; j++) {
                mine[i][j] = one[i][j] + seconds * two[i][j];
            }
        }
        return this;
    }

    private double[][] all() {
        return new double[][] {air, star, water, ground, cell, paneIn, paneCore, paneOut, top, under, leaf, humidity};
    }

    /** Face of a tile: the soil's or its water's (°C). */
    public double surface(Network net, int tile) {
        return net.grid.isLand(tile) ? ground[tile] : water[net.grid.water[net.grid.region[tile]]];
    }

    /** Mean radiant temperature about something that spans sections (°C). */
    double around(double[] shares) {
        double sum = 0;
        for (int i = 0; i < shares.length; i++) {
            sum += shares[i] * star[i];
        }
        return sum;
    }

    double virtual(int zone) {
        return MoistAir.virtual(air[zone], humidity[zone]);
    }

    public double meanAir() {
        return HeatSources.total(air) / air.length;
    }
}
