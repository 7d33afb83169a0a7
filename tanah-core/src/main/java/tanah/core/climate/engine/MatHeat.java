package tanah.core.climate.engine;

import java.util.ArrayList;
import java.util.List;
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
            stored += beside(t, side, alongX, mat) ? heatOf(t) : 0;
        }
        for (int t = 0; t < grid.tiles && stored > 0; t++) {
            if (beside(t, side, alongX, mat)) {
                for (int c = 0; c < Grid.DEEP; c++) {
                    int i = c * grid.tiles + t;
                    s.cell[i] += MAT_DOWN * below * net.capacity[i] * grid.tileArea / stored;
                }
            }
        }
        s.room += (stored > 0 ? 1 - MAT_DOWN : 1) * below + power - given;
    }

    private boolean beside(int t, Lid.Side side, boolean alongX, Fixture.Mat mat) {
        double at = alongX ? grid.x(t) : grid.y(t);
        return grid.isLand(t) && grid.isAt(t, side) && at >= mat.from() && at < mat.to();
    }

    private double heatOf(int t) {
        double sum = 0;
        for (int c = 0; c < Grid.DEEP; c++) {
            sum += net.capacity[c * grid.tiles + t] * grid.tileArea;
        }
        return sum;
    }

    void bottom(double power, Fixture.Mat mat, HeatSources s) {
        List<Integer> on = new ArrayList<>();
        for (int t = 0; t < grid.tiles; t++) {
            if (grid.x(t) >= mat.from() && grid.x(t) < mat.to() && grid.y(t) >= mat.low() && grid.y(t) < mat.high()) {
                on.add(t);
            }
        }
        if (on.isEmpty()) {
            s.room += power;
        }
        for (int t : on) {
            double share = power / on.size();
            if (grid.isLand(t)) {
                s.base[t] += share;
            } else {
                s.water[grid.water[grid.region[t]]] += BELOW_WATER * share;
                s.room += (1 - BELOW_WATER) * share;
            }
        }
    }

    void cable(double power, Fixture.Cable cable, HeatSources s) {
        List<Integer> on = new ArrayList<>();
        for (int t = 0; t < grid.tiles; t++) {
            if (grid.isLand(t)
                    && grid.x(t) >= cable.x0()
                    && grid.x(t) < cable.x1()
                    && grid.y(t) >= cable.y0()
                    && grid.y(t) < cable.y1()) {
                on.add(t);
            }
        }
        if (on.isEmpty()) {
            s.room += power;
        }
        for (int t : on) {
            double depth = grid.layers(t).stream().mapToDouble(Sheet::thickness).sum();
            double at = Math.max(0, Math.min(depth, grid.tileZ[t] - cable.z()));
            int c = 0;
            double reached = Grid.CELLS[0] * depth;
            while (c < Grid.DEEP - 1 && reached < at) {
                c++;
                reached += Grid.CELLS[c] * depth;
            }
            s.cell[c * grid.tiles + t] += power / on.size();
        }
    }
}
