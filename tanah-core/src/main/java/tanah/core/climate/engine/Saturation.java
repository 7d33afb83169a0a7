package tanah.core.climate.engine;

import tanah.core.physics.MoistAir;

/** Humidity of saturated air at each face and in each zone of a state (kg/kg), and how it changes with the temperature (1/K). */
public final class Saturation {
    final double[] tile;
    final double[] pane;
    final double[] leaf;
    final double[] air;

    private static final double BEYOND = 0.3;

    private final Network net;
    private ThermalState state;

    public Saturation(Network net, ThermalState state) {
        this.net = net;
        this.state = state;
        tile = new double[net.grid.tiles];
        pane = new double[net.patches];
        leaf = new double[net.grid.zones];
        air = new double[net.grid.zones];
        fill();
    }

    /** The same of another state, in place. */
    public Saturation set(ThermalState other) {
        state = other;
        fill();
        return this;
    }

    private void fill() {
        for (int t = 0; t < tile.length; t++) {
            tile[t] = full(state.surface(net, t));
        }
        for (int p = 0; p < pane.length; p++) {
            pane[p] = full(state.paneIn[p]);
        }
        for (int n = 0; n < air.length; n++) {
            leaf[n] = full(state.leaf[n]);
            air[n] = full(state.air[n]);
        }
    }

    double tileSlope(int t) {
        return slope(tile[t], state.surface(net, t));
    }

    double paneSlope(int p) {
        return slope(pane[p], state.paneIn[p]);
    }

    double leafSlope(int n) {
        return slope(leaf[n], state.leaf[n]);
    }

    double airSlope(int n) {
        return slope(air[n], state.air[n]);
    }

    private double full(double celsius) {
        return MoistAir.saturated(kept(celsius), net.grid.enclosure.pressure());
    }

    private double slope(double full, double celsius) {
        // beyond the ends it holds still; a share of the slope keeps iterates from hunting about them
        return (celsius == kept(celsius) ? 1 : BEYOND)
                * MoistAir.slopeAt(full, kept(celsius), net.grid.enclosure.pressure());
    }

    /** A wild iterate stays finite. */
    static double kept(double celsius) {
        return Math.max(-40, Math.min(80, celsius));
    }
}
