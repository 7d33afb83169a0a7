package tanah.core.climate;

import java.util.Arrays;
import java.util.Set;
import tanah.core.climate.engine.Network;
import tanah.core.climate.engine.ThermalState;

/**
 * Where a step will end if things go on as in the step before (linear extrapolation). While nothing is switched the couplings can be taken
 * between there and here at once, and one solution of the step does for two.
 */
final class Ahead {
    private final Network net;
    private final ThermalState rate;
    private double fastest; // K/s
    private Setting before = new Setting(new double[0], false, Set.of(), 0, true);

    /** What a step is under; a guess holds only where it stays. */
    record Setting(double[] available, boolean lit, Set<Integer> stuck, double venting, boolean sprays) {
        boolean goesOn(Setting other) {
            return !sprays
                    && !other.sprays
                    && lit == other.lit
                    && venting == other.venting
                    && stuck.equals(other.stuck)
                    && Arrays.equals(available, other.available);
        }
    }

    Ahead(Network net) {
        this.net = net;
        rate = new ThermalState(net);
    }

    /**
     * Whether the step before tells where one under this setting ends, and that it ends far enough away to ask.
     *
     * @param step  s
     * @param quiet by how much a step may move what its couplings were taken at (K)
     */
    boolean tells(Setting now, double step, double quiet) {
        boolean tells = now.goesOn(before) && fastest * step >= quiet;
        before = now;
        return tells;
    }

    /**
     * Where a step ends then.
     *
     * @param step s
     * @param into gets it
     */
    ThermalState guess(ThermalState state, double step, ThermalState into) {
        return into.ahead(state, rate, step);
    }

    /**
     * What a step did.
     *
     * @param step s
     */
    void went(ThermalState from, ThermalState to, double step) {
        rate.rate(from, to, step);
        fastest = DayLedger.moved(net, from, to) / step;
    }
}
