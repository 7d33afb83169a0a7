package tanah.core.climate.engine;

import java.util.List;
import tanah.core.box.Fixture;

/**
 * Thermostats of one moment. Their answer is implicit: the power that they would give at the temperature that this power
 * makes, so that nothing swings from step to step.
 */
public final class Controls {
    private static final double LEAST_BAND = 0.2; // K
    private static final int ROUNDS = 60;
    private static final double SETTLED = 1e-9;

    private Controls() {}

    /** Warmth that a probe has of a lamp's light (K). */
    public interface Lift {
        double of(int probe, int lamp);
    }

    public static double feels(Network net, ThermalState s, Fixture.Probe probe) {
        if (probe instanceof Fixture.Probe.Air a) {
            return net.grid.at(s.air, a.x(), a.y(), a.z());
        }
        if (probe instanceof Fixture.Probe.Surface f) {
            return s.surface(net, net.grid.tileAt(f.x(), f.y()));
        }
        if (probe instanceof Fixture.Probe.Platform p) {
            return s.top[p.index()];
        }
        return s.water[((Fixture.Probe.Water) probe).index()];
    }

    /**
     * Duties of the controlled devices.
     *
     * @param base      state without them
     * @param responses what each adds at full power
     * @param lift      by how much the light of one at full power warms the probe of another (K)
     * @param set       set points (°C)
     * @param available most that each may use
     */
    public static double[] duties(
            Network net,
            List<Fixture.Thermostat> thermostats,
            ThermalState base,
            List<ThermalState> responses,
            Lift lift,
            double[] set,
            double[] available) {
        int n = thermostats.size();
        double[] duty = new double[n];
        double[] alone = new double[n];
        double[][] adds = new double[n][n];
        for (int i = 0; i < n; i++) {
            Fixture.Probe probe = thermostats.get(i).probe();
            alone[i] = feels(net, base, probe);
            for (int j = 0; j < n; j++) {
                adds[i][j] = feels(net, responses.get(j), probe) + lift.of(i, j);
            }
        }
        for (int round = 0; round < ROUNDS; round++) {
            double change = 0;
            for (int i = 0; i < n; i++) {
                double others = alone[i];
                for (int j = 0; j < n; j++) {
                    others += j == i ? 0 : adds[i][j] * duty[j];
                }
                double next = duty(set[i], thermostats.get(i).band(), others, adds[i][i], available[i]);
                change = Math.max(change, Math.abs(next - duty[i]));
                duty[i] = next;
            }
            if (change < SETTLED) {
                break;
            }
        }
        return duty;
    }

    /** Power share at which a probe that it warms by {@code response} agrees with it. */
    static double duty(double set, double band, double without, double response, double available) {
        double wide = Math.max(LEAST_BAND, band);
        return Math.max(0, Math.min(available, (set + wide / 2 - without) / (wide + response)));
    }
}
