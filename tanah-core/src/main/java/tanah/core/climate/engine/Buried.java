package tanah.core.climate.engine;

import java.util.OptionalDouble;

/** What a probe under a surface shows: ground between its face and its cells, water as stirred as it is computed. */
public final class Buried {
    private Buried() {}

    /** At a place (m) under the ground's or the water's surface (°C); empty over it. */
    public static OptionalDouble at(Network net, ThermalState state, double x, double y, double z) {
        Grid g = net.grid;
        int t = g.tileAt(x, y);
        if (z >= g.tileZ[t]) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(g.isLand(t) ? ground(g, state, t, g.tileZ[t] - z) : state.water[g.water[g.region[t]]]);
    }

    /** Between the face and the middles of the cells; under the lowest middle as warm as there. */
    private static double ground(Grid g, ThermalState state, int t, double deep) {
        double column = g.layers(t).stream().mapToDouble(l -> l.thickness()).sum();
        double above = 0;
        double value = state.ground[t];
        double top = 0;
        for (int c = 0; c < Grid.DEEP; c++) {
            double middle = top + Grid.CELLS[c] * column / 2;
            double here = state.cell[c * g.tiles + t];
            if (deep <= middle) {
                return value + (here - value) * (deep - above) / (middle - above);
            }
            above = middle;
            value = here;
            top += Grid.CELLS[c] * column;
        }
        return value;
    }
}
