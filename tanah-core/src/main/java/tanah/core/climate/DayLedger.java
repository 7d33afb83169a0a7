package tanah.core.climate;

import tanah.core.climate.engine.Grid;
import tanah.core.climate.engine.Latent;
import tanah.core.climate.engine.Network;
import tanah.core.climate.engine.ThermalState;
import tanah.core.physics.MoistAir;

/** What a step of a day moved and stored. */
final class DayLedger {
    private DayLedger() {}

    /** By how much the fastest of air, leaves and ground changes (K). */
    static double moved(Network net, ThermalState state, ThermalState after) {
        double most = 0;
        for (int n = 0; n < net.grid.zones; n++) {
            most = Math.max(most, Math.abs(after.air[n] - state.air[n]));
            most = Math.max(most, Math.abs(after.leaf[n] - state.leaf[n]));
        }
        for (int t = 0; t < net.grid.tiles; t++) {
            most = Math.max(most, Math.abs(after.ground[t] - state.ground[t]));
        }
        return most;
    }

    /** Heat that evaporation takes (W). */
    static double latent(Network net, Latent l, ThermalState s) {
        double latent = 0;
        for (int t = 0; t < net.grid.tiles; t++) {
            if (net.grid.isLand(t)) {
                latent += l.tileSlope[t] * s.ground[t] - l.tile[t];
            }
        }
        for (int p = 0; p < net.patches; p++) {
            latent += l.paneSlope[p] * s.paneIn[p] - l.pane[p];
        }
        for (int n = 0; n < net.grid.zones; n++) {
            if (net.leaves[n] + net.wettable[n] > 0) {
                latent += l.leafSlope[n] * s.leaf[n] - l.leaf[n];
            }
            latent += l.zoneSlope[n] * s.air[n] - l.zone[n];
        }
        for (int w = 0; w < net.grid.waters; w++) {
            latent += l.waterSlope[w] * s.water[w] - l.water[w];
        }
        return latent;
    }

    /** Heat that went into the nodes between two states (J). */
    static double stored(Network net, ThermalState state, ThermalState s) {
        Grid g = net.grid;
        double sum = 0;
        for (int n = 0; n < g.zones; n++) {
            sum += MoistAir.DENSITY * MoistAir.HEAT * g.volume() * (s.air[n] - state.air[n]);
        }
        for (int t = 0; t < g.tiles; t++) {
            for (int i = t; g.isLand(t) && i < s.cell.length; i += g.tiles) {
                sum += net.capacity[i] * g.tileArea * (s.cell[i] - state.cell[i]);
            }
        }
        for (int p = 0; p < net.patches; p++) {
            sum += net.patchStore[p] * (s.paneCore[p] - state.paneCore[p]);
        }
        for (int i = 0; i < net.platforms; i++) {
            double half = g.enclosure.platforms().get(i).area()
                    * g.enclosure.platforms().get(i).matter().capacity()
                    / 2;
            sum += half * (s.top[i] - state.top[i] + s.under[i] - state.under[i]);
        }
        for (int w = 0; w < g.waters; w++) {
            sum += net.waterStore[w] * (s.water[w] - state.water[w]);
        }
        return sum;
    }
}
