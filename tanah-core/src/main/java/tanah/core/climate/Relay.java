package tanah.core.climate;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import tanah.core.box.Fixture;
import tanah.core.climate.engine.Controls;
import tanah.core.climate.engine.Network;
import tanah.core.climate.engine.ThermalState;

/** Thermostats that switch: off above half the hysteresis over the set point, on below half of it under. */
final class Relay {
    private static final double DAY = 24 * 3600; // s

    private final Network net;
    private final ProbeLift lift;
    private double speed; // m/s of the air in the last step
    private final List<Fixture> fixtures;
    private final boolean[] on;
    private boolean works;
    private boolean measures;
    private double clock;
    private final boolean[] reached;
    private final double[] aim;
    private final boolean[] aimed;
    private final double[] below;
    private final double[] above;
    private final int[] starts;
    private final double[] last;
    private final double[] shortest;
    private final double[] energy;

    Relay(Network net, ProbeLift lift) {
        this.net = net;
        this.lift = lift;
        this.fixtures = net.grid.enclosure.fixtures();
        int n = fixtures.size();
        on = new boolean[n];
        reached = new boolean[n];
        aim = new double[n];
        aimed = new boolean[n];
        below = new double[n];
        above = new double[n];
        starts = new int[n];
        last = new double[n];
        shortest = new double[n];
        Arrays.fill(shortest, DAY);
        energy = new double[n];
    }

    boolean works() {
        return works;
    }

    /** From now on relays switch; a device that was more on than off begins on. */
    void start(double[] duty) {
        works = true;
        for (int i = 0; i < on.length; i++) {
            on[i] = duty[i] >= 0.5;
        }
    }

    /** Speed of the air about the probes (m/s). */
    void aired(double speed) {
        this.speed = speed;
    }

    /** From now on what they do is kept. */
    void measure() {
        measures = true;
        clock = 0;
    }

    /** The devices that are ruled here, none until it works; what they may use is set to all or nothing.
     *
     * @param duty of the step before, whose light the probes still feel
     */
    Set<Integer> switched(ThermalState s, double[] available, double[] duty, boolean lit, double step) {
        Set<Integer> ruled = new HashSet<>();
        for (int i = 0; works && i < on.length; i++) {
            if (!switches(i)) {
                continue;
            }
            ruled.add(i);
            Fixture.Thermostat t = fixtures.get(i).thermostat().orElseThrow();
            double set = lit ? t.day() : t.night();
            double air = Controls.feels(net, s, t.probe());
            double felt = air + lift.at(i, s, speed, duty).of(duty);
            boolean was = on[i];
            on[i] = was ? felt <= set + t.hysteresis() / 2 : felt < set - t.hysteresis() / 2;
            boolean mayRun = available[i] > 0;
            available[i] = on[i] ? available[i] : 0;
            reached[i] |= was && !on[i];
            if (!mayRun || !aimed[i] || set != aim[i]) {
                // what it feels on the way to a new set point is no swing about it
                reached[i] = false;
                aim[i] = set;
                aimed[i] = true;
            }
            if (measures) {
                keep(i, felt - set, on[i] && !was && mayRun);
                energy[i] += available[i] * fixtures.get(i).power() * step;
            }
        }
        clock += step;
        return ruled;
    }

    private boolean switches(int i) {
        return fixtures.get(i)
                .thermostat()
                .filter(t -> t.control() == Fixture.Control.ON_OFF)
                .isPresent();
    }

    private void keep(int i, double off, boolean begins) {
        if (begins) {
            if (starts[i] > 0) {
                shortest[i] = Math.min(shortest[i], clock - last[i]);
            }
            starts[i]++;
            last[i] = clock;
        }
        if (reached[i]) {
            below[i] = Math.max(below[i], -off);
            above[i] = Math.max(above[i], off);
        }
    }

    RelayCourse told(double all) {
        List<RelayCourse.Swing> swings = new ArrayList<>();
        for (int i = 0; i < on.length; i++) {
            if (switches(i)) {
                swings.add(new RelayCourse.Swing(i, below[i], above[i], starts[i], shortest[i], energy[i]));
            }
        }
        return new RelayCourse(swings, all);
    }
}
