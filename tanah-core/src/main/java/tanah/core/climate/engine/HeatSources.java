package tanah.core.climate.engine;

import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/** Where the heat of a device goes (W at full power). What stays outside is {@code room}. */
public final class HeatSources {
    public final double[] tile;
    public final double[] cell;
    public final double[] base;
    public final double[] paneIn;
    public final double[] paneOut;
    public final double[] platform;
    public final double[] foliage;
    public final double[] zone;
    public final double[] water;
    /** Long waves in all directions, by section. */
    public final double[] star;

    public double room;
    /** Found when it is asked for; sums are made before that. */
    private @Nullable Boolean inGround;

    public HeatSources(Network net) {
        tile = new double[net.grid.tiles];
        cell = new double[net.grid.tiles * Grid.DEEP];
        base = new double[net.grid.tiles];
        paneIn = new double[net.patches];
        paneOut = new double[net.patches];
        platform = new double[net.platforms];
        foliage = new double[net.grid.zones];
        zone = new double[net.grid.zones];
        star = new double[net.sections.count];
        water = new double[net.grid.waters];
    }

    private double[][] all() {
        return new double[][] {tile, cell, base, paneIn, paneOut, platform, foliage, zone, star, water};
    }

    /** Whether any of it goes into the ground below its face. */
    boolean isInGround() {
        if (inGround == null) {
            inGround = anyInGround();
        }
        return inGround;
    }

    private boolean anyInGround() {
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
        double sum = room;
        for (double[] part : all()) {
            sum += total(part);
        }
        return sum;
    }

    public static double total(double[] part) {
        double sum = 0;
        for (double v : part) {
            sum += v;
        }
        return sum;
    }

    /** All nothing again. */
    public void clear() {
        inGround = null;
        room = 0;
        for (double[] part : all()) {
            Arrays.fill(part, 0);
        }
    }

    public void add(HeatSources other, double times) {
        inGround = null;
        double[][] mine = all();
        double[][] theirs = other.all();
        for (int i = 0; i < mine.length; i++) {
            for (int j = 0; j < mine[i].length; j++) {
                mine[i][j] += times * theirs[i][j];
            }
        }
        room += times * other.room;
    }
}
