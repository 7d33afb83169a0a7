package tanah.core.climate;

import java.util.Optional;
import java.util.Set;
import tanah.core.climate.engine.Coefficients;
import tanah.core.climate.engine.HeatSources;
import tanah.core.climate.engine.Network;
import tanah.core.climate.engine.RoomAir;
import tanah.core.climate.engine.ThermalState;
import tanah.core.climate.engine.WaterStores;
import tanah.core.climate.engine.Workspace;

/** Rounds towards a steady state: couplings, vapour and heat one after the other, each on those before it. */
final class SteadyRounds {
    private static final int MOST = 200;
    private static final double HUMIDITY_SETTLED = 1e-6;
    private static final int FIRST = 3;
    private static final int SWEEPS = 6;

    private final ClimateModel model;
    private final WaterStores stores;
    private final Workspace work;
    private final Thermostats thermostats;
    private final HeatSources all;
    private final ThermalState next;

    private Start start;
    private ThermalState s;
    private double[] duty;
    private int round;
    private double change;
    private double moved;

    /**
     * What the rounds are about.
     *
     * @param available share of its power that each device may use
     * @param dayShare  by which set points of day and night are weighed
     * @param from      a state to start from; that of another enclosure too
     */
    record Start(RoomAir room, boolean lit, double[] available, double dayShare, Optional<SteadyState> from) {}

    SteadyRounds(ClimateModel model, Start start) {
        Network net = model.net;
        this.model = model;
        stores = new WaterStores(net);
        work = new Workspace(net, stores);
        thermostats = new Thermostats(model, work.heat);
        all = new HeatSources(net);
        next = new ThermalState(net);
        this.start = start;
        s = first(start);
        duty = start.available().clone();
    }

    private ThermalState first(Start from) {
        return from.from()
                .map(f -> f.state().copy(model.net))
                .orElseGet(() -> ThermalState.even(
                        model.net, from.room().celsius() + 1, from.room().humidity()));
    }

    /** Begins again with other air around it, in the same memory; what was found before keeps its state only. */
    SteadyRounds again(Start other) {
        start = other;
        s = first(other);
        duty = other.available().clone();
        round = 0;
        return this;
    }

    /** Until nothing moves by more than a tolerance (K). */
    SteadyState settle(double tolerance) {
        while (round < MOST) {
            next();
            if (!Double.isFinite(change)) {
                return end(false);
            }
            if (change < tolerance && moved < HUMIDITY_SETTLED) {
                return end(true);
            }
        }
        return end(false);
    }

    /**
     * Where a small change of the enclosure moves the state that it began with: three rounds that nothing holds back, because so near
     * to a steady state none runs away, and on by as much as the last fell behind the one before (the delta-squared process of
     * Aitken 1926, on the sum over all nodes). While lamps are lit one round more, because leaves under them give off more vapour the
     * warmer they are; in the dark, where hardly anything drives the air, one more would begin to follow another draught. For slopes
     * only: within a few hundredths of those of states that settled.
     */
    Places follow() {
        if (start.lit()) {
            next(1, 1);
        }
        next(1, 1);
        ThermalState before = s.copy(model.net);
        next(1, 1);
        ThermalState after = s.copy(model.net);
        next(1, 1);
        double share = after.share(before, s);
        s.extend(after, share / (1 - share));
        return new Places(model, s);
    }

    private void next() {
        next(round <= 30 ? 0.5 : round <= 80 ? 0.3 : 0.15, round <= 30 ? 0.9 : round <= 80 ? 0.6 : 0.3);
    }

    private void next(double couplings, double step) {
        // still air of an even start hardly mixes, which would send it far off; a state that was found is left alone
        double floor = start.from().isEmpty() && round < FIRST ? Coefficients.FIRST_SPEED : 0;
        Coefficients at = round == 0 ? work.k : work.other;
        at.set(model.vents, s, work.full.set(s), stores, model.released(duty), floor, start.room(), 1);
        if (round > 0) {
            work.k.toward(work.other, couplings);
        }
        work.vapour.solve(s.humidity, start.room(), start.lit());
        moved = 0;
        for (int n = 0; n < s.humidity.length; n++) {
            double d = work.vapour.humidity[n] - s.humidity[n];
            moved = Math.max(moved, Math.abs(d));
            s.humidity[n] += step * d;
        }
        work.latent.set(work.vapour, s);
        work.heat.set(0, s);
        thermostats.solve(start.room(), s, start.available(), start.dayShare(), duty, Set.of(), next);
        model.sum(duty, all);
        for (int i = 0; i < SWEEPS; i++) {
            work.heat.sweep(next, all, start.room().celsius());
        }
        change = s.toward(next, step);
        round++;
    }

    private SteadyState end(boolean converged) {
        return SteadyState.of(model, start.room(), s, work.k, stores, start.lit(), duty, change, round, converged);
    }
}
