package tanah.core.climate.engine;

import tanah.core.box.Fixture;
import tanah.core.box.Sheet;
import tanah.core.light.Block;
import tanah.core.light.Lid;

/** Where each watt of a mat or a cable goes. */
final class MatHeat {
    private static final double MAT_DOWN = 0.7;
    private static final double BELOW_WATER = 0.8;

    private final Network net;
    private final Grid grid;

    MatHeat(Network net) {
        this.net = net;
        this.grid = net.grid;
    }

    void side(double power, Fixture.Mat mat, Lid.Side side, HeatSources s) {
        int face = switch (side) {
            case LEFT -> 0;
            case RIGHT -> 1;
            case FRONT -> 2;
            case BACK -> 3;
        };
        boolean alongX = face > 1;
        double area = (mat.to() - mat.from()) * (mat.high() - mat.low());
        double given = 0;
        for (int p = 0; p < net.patches; p++) {
            if (net.patchFace[p] == face) {
                Block b = grid.block(net.patchZone[p]);
                double wide =
                        Math.min(alongX ? b.x1() : b.y1(), mat.to()) - Math.max(alongX ? b.x0() : b.y0(), mat.from());
                double high = Math.min(b.z1(), mat.high()) - Math.max(b.z0(), mat.low());
                if (wide > 0 && high > 0) {
                    double share = power * wide * high / area;
                    s.paneOut[p] += share;
                    given += share;
                }
            }
        }
        double below = power * Math.max(0, Math.min(grid.ground, mat.high()) - mat.low()) / (mat.high() - mat.low());
        given += below;
        double stored = 0;
        for (int t = 0; t < grid.tiles; t++) {
            stored += beside(t, side, alongX, mat) * heatOf(t);
        }
        for (int t = 0; t < grid.tiles && stored > 0; t++) {
            double cover = beside(t, side, alongX, mat);
            for (int c = 0; c < Grid.DEEP && cover > 0; c++) {
                int i = c * grid.tiles + t;
                s.cell[i] += MAT_DOWN * below * cover * net.capacity[i] * grid.tileArea / stored;
            }
        }
        s.room += (stored > 0 ? 1 - MAT_DOWN : 1) * below + power - given;
    }

    /** Length of a tile at a side that a mat covers (m). */
    private double beside(int t, Lid.Side side, boolean alongX, Fixture.Mat mat) {
        if (!grid.isLand(t) || !grid.isAt(t, side)) {
            return 0;
        }
        return alongX
                ? shared(grid.x(t), grid.dx, mat.from(), mat.to())
                : shared(grid.y(t), grid.dy, mat.from(), mat.to());
    }

    /** Length that a stretch about a middle shares with another (m). */
    private static double shared(double middle, double size, double from, double to) {
        return Math.max(0, Math.min(middle + size / 2, to) - Math.max(middle - size / 2, from));
    }

    /** Area of a tile that a rectangle covers (m²). */
    private double cover(int t, double x0, double x1, double y0, double y1) {
        return shared(grid.x(t), grid.dx, x0, x1) * shared(grid.y(t), grid.dy, y0, y1);
    }

    private double heatOf(int t) {
        double sum = 0;
        for (int c = 0; c < Grid.DEEP; c++) {
            sum += net.capacity[c * grid.tiles + t] * grid.tileArea;
        }
        return sum;
    }

    /** Under the bottom: what lies outside the floor goes to the room. */
    void bottom(double power, Fixture.Mat mat, HeatSources s) {
        double area = (mat.to() - mat.from()) * (mat.high() - mat.low());
        double given = 0;
        for (int t = 0; t < grid.tiles; t++) {
            double share = power * cover(t, mat.from(), mat.to(), mat.low(), mat.high()) / area;
            given += share;
            if (grid.isLand(t)) {
                s.base[t] += share;
            } else {
                s.water[grid.water[grid.region[t]]] += BELOW_WATER * share;
                s.room += (1 - BELOW_WATER) * share;
            }
        }
        s.room += power - given;
    }

    /** In the ground of the land that it lies under; without any, the room. */
    void cable(double power, Fixture.Cable cable, HeatSources s) {
        double[] covered = new double[grid.tiles];
        double all = 0;
        for (int t = 0; t < grid.tiles; t++) {
            covered[t] = grid.isLand(t) ? cover(t, cable.x0(), cable.x1(), cable.y0(), cable.y1()) : 0;
            all += covered[t];
        }
        if (all <= 0) {
            s.room += power;
            return;
        }
        for (int t = 0; t < grid.tiles; t++) {
            if (covered[t] > 0) {
                s.cell[cellAt(t, cable.z()) * grid.tiles + t] += power * covered[t] / all;
            }
        }
    }

    /** The cell of a tile's column that holds a height. */
    private int cellAt(int t, double z) {
        double depth = grid.layers(t).stream().mapToDouble(Sheet::thickness).sum();
        double at = Math.max(0, Math.min(depth, grid.tileZ[t] - z));
        int c = 0;
        double reached = Grid.CELLS[0] * depth;
        while (c < Grid.DEEP - 1 && reached < at) {
            c++;
            reached += Grid.CELLS[c] * depth;
        }
        return c;
    }
}
