package tanah.core.climate;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Set;
import tanah.core.box.ClimateCase;
import tanah.core.climate.engine.Coefficients;
import tanah.core.climate.engine.LatentCarryOver;
import tanah.core.climate.engine.Network;
import tanah.core.climate.engine.RoomAir;
import tanah.core.climate.engine.ThermalState;
import tanah.core.climate.engine.WaterStores;
import tanah.core.climate.engine.Workspace;

/** The state of a box on its way through a day, and the step to the next. */
final class DayStep {
    /** By how much a step may move what its couplings were taken at (K): of a day that counts, and of one that leads up to it. */
    static final double QUIET = 0.05;

    static final double COARSE = 0.3;
    private static final double FOG_SETTLED = 0.02; // K
    private static final int MORE_PASSES = 8;
    private static final double MORE_DUTY = 0.3;

    private final ClimateModel model;
    private final Network net;
    private final ClimateCase c;
    private final Weather weather;
    final Relay relay;
    final WaterDay water;
    private final Workspace work;
    private final Thermostats thermostats;
    private final LatentCarryOver debt;
    private final Ahead ahead;
    private ThermalState state;
    private double[] duty;
    private double energy;
    private double worstGap;
    private double quiet = QUIET;
    /** States that nobody reads any more. */
    private final Deque<ThermalState> free = new ArrayDeque<>();

    DayStep(ClimateModel model, Weather weather, WaterStores stores, SteadyState start) {
        this.model = model;
        this.net = model.net;
        this.c = model.enclosure();
        this.weather = weather;
        relay = new Relay(net, model.lift);
        water = new WaterDay(net, stores);
        work = new Workspace(net, stores);
        thermostats = new Thermostats(model, work.heat);
        debt = new LatentCarryOver(net);
        ahead = new Ahead(net);
        state = start.state().copy(net);
        duty = new double[c.fixtures().size()];
        for (int i = 0; i < duty.length; i++) {
            duty[i] = start.duty(i);
        }
    }

    /**
     * Begins the ledgers of a day.
     *
     * @param quiet {@link #QUIET} or {@link #COARSE}
     */
    void open(double quiet) {
        this.quiet = quiet;
        energy = 0;
        worstGap = 0;
        water.open(state);
    }

    /** After the last step; it does not change. */
    ThermalState state() {
        return state;
    }

    double[] duty() {
        return duty;
    }

    /** Used since the ledgers were opened (J). */
    double energy() {
        return energy;
    }

    /** Of the heat ledger of any step (W). */
    double worstGap() {
        return worstGap;
    }

    /** One solution of a step: what it ends at, and the temperatures about which evaporation was taken as linear. */
    private record Pass(ThermalState at, ThermalState after, double[] duty) {}

    /** What all passes of a step share. */
    private record Terms(
            RoomAir room, boolean lit, double[] available, Set<Integer> stuck, double[] flash, double step) {}

    /**
     * @param begins hour at which it begins
     * @param hour   at its middle, whose weather holds
     * @param step   s
     */
    void step(double begins, double hour, Drill drill, double step) {
        RoomAir room = weather.room(hour, drill);
        boolean failing = drill.holds(hour);
        Sprayed spray = Sprayed.in(c.mist(), begins, step, failing && drill.misting());
        double[] flash = water.spray(spray.water(), spray.air(), step, state);
        boolean lit = c.isLit(hour);
        double[] available = weather.available(hour, drill);
        Set<Integer> stuck = failing ? drill.stuck() : relay.switched(state, available, duty, lit, step);
        Terms terms = new Terms(room, lit, available, stuck, flash, step);
        double released = model.released(expected(available, stuck));
        double venting = failing ? drill.venting() : 1;
        boolean sprays = spray.water() > 0;
        couple(work.k, state, released, room, venting);
        ThermalState near = state;
        boolean tells = ahead.tells(new Ahead.Setting(available, lit, stuck, venting, sprays), step, quiet);
        if (tells) {
            near = ahead.guess(state, step, empty());
            couple(work.other, near, released, room, venting);
            work.k.toward(work.other, 0.5);
        }
        Pass pass = pass(terms, near);
        boolean far = sprays || DayLedger.moved(net, near, pass.after()) >= quiet;
        if (far) {
            if (tells) {
                work.k.toward(work.other, -1); // as at the start again
                free.push(near);
            }
            couple(work.other, pass.after(), released, room, venting);
            work.k.toward(work.other, 0.5);
            pass = pass(terms, pass.after());
            for (int more = 0; more < MORE_PASSES && chasesFog(pass); more++) {
                work.full.set(pass.after());
                free.push(pass.at());
                pass = pass(terms, pass.after());
            }
        }
        ahead.went(state, pass.after(), step);
        ledger(pass, room, step);
        water.apply(work.vapour, work.k, room, step);
        debt.settle(net, work.latent, pass.at(), pass.after(), step);
        if (pass.at() != state) {
            free.push(pass.at());
        }
        state = pass.after();
        duty = pass.duty();
    }

    /** Gives back a state that this run has been at and that nobody keeps; it is written over from the next step on. */
    void giveBack(ThermalState was) {
        free.push(was);
    }

    private ThermalState empty() {
        ThermalState again = free.poll();
        return again == null ? new ThermalState(net) : again.clear();
    }

    /** Duties about to be used. */
    private double[] expected(double[] available, Set<Integer> stuck) {
        double[] expected = new double[duty.length];
        for (int i = 0; i < duty.length; i++) {
            boolean ruled = c.fixtures().get(i).thermostat().isPresent() && !stuck.contains(i);
            expected[i] = ruled ? Math.min(available[i], duty[i] + MORE_DUTY) : available[i];
        }
        return expected;
    }

    private void couple(Coefficients k, ThermalState at, double released, RoomAir room, double venting) {
        k.set(model.vents, at, work.full.set(at), water.stores, released, 0, room, venting);
    }

    /** Whether air in which fog falls is not yet as warm as the balance of vapour took it to be. */
    private boolean chasesFog(Pass pass) {
        for (int n = 0; n < net.grid.zones; n++) {
            if (work.latent.zoneSlope[n] > 0 && Math.abs(pass.after().air[n] - pass.at().air[n]) > FOG_SETTLED) {
                return true;
            }
        }
        return false;
    }

    private Pass pass(Terms t, ThermalState at) {
        work.vapour.solve(state.humidity, t.room(), t.lit(), t.step(), t.flash());
        work.latent.set(work.vapour, at);
        debt.charge(work.latent, t.step());
        work.heat.set(1 / t.step(), at);
        double[] next = duty.clone();
        ThermalState after = empty();
        thermostats.solve(t.room(), state, t.available(), t.lit() ? 1 : 0, next, t.stuck(), after);
        System.arraycopy(work.vapour.humidity, 0, after.humidity, 0, after.humidity.length);
        return new Pass(at, after, next);
    }

    private void ledger(Pass pass, RoomAir room, double step) {
        relay.aired(work.k.speed());
        double latent = DayLedger.latent(net, work.latent, pass.after());
        double stored = DayLedger.stored(net, state, pass.after());
        Balance b = Balance.of(model, room, pass.after(), work.k, latent, pass.duty(), stored / step);
        energy += b.power() * step;
        worstGap = Math.max(worstGap, Math.abs(b.gap()));
    }
}
