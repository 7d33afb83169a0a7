package tanah.core.climate.engine;

import java.util.ArrayList;
import java.util.List;
import tanah.core.box.ClimateCase;
import tanah.core.box.Floor;
import tanah.core.box.Sheet;
import tanah.core.box.Shell;
import tanah.core.box.Tiles;
import tanah.core.light.Block;
import tanah.core.light.Leaves;
import tanah.core.light.Lid;
import tanah.core.light.Vec;

/**
 * Air zones, tiles of the floor, patches of the panes. Zones are counted up first, then to the back, then to the right;
 * all have one volume, their floor lies at the mean height of the tiles.
 */
public final class Grid {
    /** Shares of a column's depth, from the top. */
    static final double[] CELLS = {0.06, 0.10, 0.16, 0.20, 0.24, 0.24};

    public static final int DEEP = CELLS.length;
    private static final double LEAST_TOP = 0.005; // m of the top layer under a slope

    public final ClimateCase enclosure;
    final int nax;
    final int nay;
    final int naz;
    public final int zones;
    final int ntx;
    final int nty;
    public final int tiles;
    final double dx;
    final double dy;
    final double zoneX;
    final double zoneY;
    final double zoneZ;
    public final double ground;
    public final double air;
    public final double tileArea;
    public final double[] tileZ;
    public final int[] region;
    /** By tile. */
    private final boolean[] land;

    final int[] tileZone;
    /** By region: index of its water, or -1 for land. */
    public final int[] water;

    public final int waters;

    public Grid(ClimateCase enclosure) {
        this(enclosure, false);
    }

    /** @param finer twice the zones along and across and half as many again upwards */
    public Grid(ClimateCase enclosure, boolean finer) {
        this.enclosure = enclosure;
        Shell s = enclosure.shell();
        int by = finer ? 2 : 1;
        nax = by * Tiles.zonesAlong(s.length());
        nay = by * Tiles.zonesDeep(s.width());
        ntx = multiple(Tiles.tilesAlong(s.length()), nax);
        nty = multiple(Tiles.tilesDeep(s.width()), nay);
        int mx = ntx / nax;
        int my = nty / nay;
        tiles = ntx * nty;
        dx = s.length() / ntx;
        dy = s.width() / nty;
        tileArea = dx * dy;
        zoneX = s.length() / nax;
        zoneY = s.width() / nay;
        water = new int[enclosure.floor().size()];
        int found = 0;
        for (int r = 0; r < water.length; r++) {
            water[r] = enclosure.floor().get(r) instanceof Floor.Water w ? w.body() : -1;
            found = Math.max(found, water[r] + 1);
        }
        waters = found;
        tileZ = new double[tiles];
        region = new int[tiles];
        land = new boolean[tiles];
        double sum = 0;
        for (int t = 0; t < tiles; t++) {
            region[t] = regionAt(x(t), y(t));
            land[t] = water[region[t]] < 0;
            tileZ[t] = height(t);
            sum += tileZ[t];
        }
        ground = sum / tiles;
        boolean[] has = new boolean[waters];
        for (int t = 0; t < tiles; t++) {
            if (!isLand(t)) {
                has[water[region[t]]] = true;
            }
        }
        for (boolean face : has) {
            if (!face) {
                throw new IllegalArgumentException("a water smaller than a tile");
            }
        }
        air = s.height() - ground;
        int up = clamp((int) Math.rint(air / 0.10), 3, 6);
        naz = finer ? up + up / 2 : up;
        zoneZ = air / naz;
        zones = nax * nay * naz;
        tileZone = new int[tiles];
        for (int t = 0; t < tiles; t++) {
            tileZone[t] = zone(t / nty / mx, t % nty / my, 0);
        }
    }

    /** The least multiple of a number that is not less than another. */
    private static int multiple(int least, int of) {
        return (least + of - 1) / of * of;
    }

    private static int clamp(int v, int low, int high) {
        return Math.max(low, Math.min(high, v));
    }

    int zone(int i, int j, int k) {
        return (i * nay + j) * naz + k;
    }

    /** The highest zone over one. */
    int top(int zone) {
        return zone - zone % naz + naz - 1;
    }

    public double x(int tile) {
        return (tile / nty + 0.5) * dx;
    }

    public double y(int tile) {
        return (tile % nty + 0.5) * dy;
    }

    public double volume() {
        return zoneX * zoneY * zoneZ;
    }

    /** The zone that holds a place; the nearest for one outside the air. */
    int zoneAt(double x, double y, double z) {
        return zone(
                clamp((int) Math.floor(x / zoneX), 0, nax - 1),
                clamp((int) Math.floor(y / zoneY), 0, nay - 1),
                clamp((int) Math.floor((z - ground) / zoneZ), 0, naz - 1));
    }

    public int tileAt(double x, double y) {
        return clamp((int) Math.floor(x / dx), 0, ntx - 1) * nty + clamp((int) Math.floor(y / dy), 0, nty - 1);
    }

    Block block(int zone) {
        int k = zone % naz;
        int j = zone / naz % nay;
        int i = zone / naz / nay;
        return new Block(
                i * zoneX, (i + 1) * zoneX, j * zoneY, (j + 1) * zoneY, ground + k * zoneZ, ground + (k + 1) * zoneZ);
    }

    public boolean isLand(int tile) {
        return land[tile];
    }

    public Floor.Land land(int tile) {
        return (Floor.Land) enclosure.floor().get(region[tile]);
    }

    private int regionAt(double x, double y) {
        for (int r = enclosure.floor().size() - 1; r >= 0; r--) {
            if (enclosure.floor().get(r).holds(x, y)) {
                return r;
            }
        }
        throw new IllegalArgumentException("no floor at " + x + ", " + y);
    }

    private double height(int t) {
        if (enclosure.floor().get(region[t]) instanceof Floor.Water w) {
            return w.surface();
        }
        double z = land(t).base();
        for (Sheet layer : layers(t)) {
            z += layer.thickness();
        }
        return z;
    }

    /** Layers under a land tile from the top down; the slope is taken by the top one. */
    List<Sheet> layers(int t) {
        Floor.Land land = land(t);
        double[] b = land.bounds();
        double rise = land.slopeX() * (x(t) - (b[0] + b[1]) / 2) + land.slopeY() * (y(t) - (b[2] + b[3]) / 2);
        List<Sheet> all = new ArrayList<>(land.layers());
        Sheet first = all.get(0);
        all.set(0, new Sheet(first.conductivity(), first.heat(), Math.max(LEAST_TOP, first.thickness() + rise)));
        return all;
    }

    /** Which side of the box a tile lies at in a direction, or null. */
    boolean isAt(int tile, Lid.Side side) {
        return switch (side) {
            case LEFT -> tile / nty == 0;
            case RIGHT -> tile / nty == ntx - 1;
            case FRONT -> tile % nty == 0;
            case BACK -> tile % nty == nty - 1;
        };
    }

    /** Width of a tile along a side (m). */
    double along(Lid.Side side) {
        return side == Lid.Side.LEFT || side == Lid.Side.RIGHT ? dy : dx;
    }

    /** Half of a tile's size across a side (m). */
    double halfAcross(Lid.Side side) {
        return (side == Lid.Side.LEFT || side == Lid.Side.RIGHT ? dx : dy) / 2;
    }

    /** Shares of something in a box by zone; all in the zone of its middle where it touches none. */
    double[] spread(Block box) {
        double[] shares = new double[zones];
        double sum = 0;
        for (int n = 0; n < zones; n++) {
            shares[n] = block(n).shared(box);
            sum += shares[n];
        }
        if (sum <= 0) {
            shares[zoneAt((box.x0() + box.x1()) / 2, (box.y0() + box.y1()) / 2, (box.z0() + box.z1()) / 2)] = 1;
            return shares;
        }
        for (int n = 0; n < zones; n++) {
            shares[n] /= sum;
        }
        return shares;
    }

    /** Leaf area by zone (m², one side). */
    double[] leaves() {
        double[] area = new double[zones];
        for (Leaves plant : enclosure.plants()) {
            double all = plant.leafArea() * plant.box().floorArea();
            double[] shares = spread(plant.box());
            for (int n = 0; n < zones; n++) {
                area[n] += all * shares[n];
            }
        }
        return area;
    }

    /** Face of hardscape that spray wets, by zone (m²). */
    double[] wettable() {
        double[] area = new double[zones];
        for (ClimateCase.Obstacle o : enclosure.obstacles()) {
            double[] shares = spread(o.block());
            for (int n = 0; n < zones; n++) {
                area[n] += o.wettable() * shares[n];
            }
        }
        return area;
    }

    /** A place just over the middle of a tile. */
    public Vec over(int tile, double above) {
        return new Vec(x(tile), y(tile), tileZ[tile] + above);
    }

    /** Value of a field of the zones at a place: linear between their middles, constant beyond the outer ones. */
    public double at(double[] field, double x, double y, double z) {
        double u = Math.max(0, Math.min(nax - 1, x / zoneX - 0.5));
        double v = Math.max(0, Math.min(nay - 1, y / zoneY - 0.5));
        double w = Math.max(0, Math.min(naz - 1, (z - ground) / zoneZ - 0.5));
        int i = (int) u;
        int j = (int) v;
        int k = (int) w;
        int right = Math.min(nax - 1, i + 1);
        int back = Math.min(nay - 1, j + 1);
        int above = Math.min(naz - 1, k + 1);
        double low = between(
                between(field[zone(i, j, k)], field[zone(right, j, k)], u - i),
                between(field[zone(i, back, k)], field[zone(right, back, k)], u - i),
                v - j);
        double high = between(
                between(field[zone(i, j, above)], field[zone(right, j, above)], u - i),
                between(field[zone(i, back, above)], field[zone(right, back, above)], u - i),
                v - j);
        return between(low, high, w - k);
    }

    private static double between(double one, double other, double share) {
        return one + share * (other - one);
    }
}
