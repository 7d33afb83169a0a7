package tanah.core.climate;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tanah.core.box.Fixture;
import tanah.core.climate.engine.Controls;
import tanah.core.climate.engine.HeatSources;
import tanah.core.climate.engine.HeatStep;
import tanah.core.climate.engine.RoomAir;
import tanah.core.climate.engine.ThermalState;

/** Heat steps of one run with thermostats at work. */
final class Thermostats {
    private static final double LIKELY =
            0.05; // share of its power about which a lamp's warmth on a probe is taken, at least

    private final ClimateModel model;
    private final List<Fixture> fixtures;
    private final HeatStep heat;
    /** What devices give that no thermostat rules, at {@code freeAt}. */
    private final HeatSources free;

    private double[] freeAt = {};
    /** By device, what it adds at full power; made when it is needed. */
    private final @Nullable ThermalState[] responses;

    Thermostats(ClimateModel model, HeatStep heat) {
        this.model = model;
        this.heat = heat;
        fixtures = model.enclosure().fixtures();
        free = new HeatSources(model.net);
        responses = new ThermalState[fixtures.size()];
    }

    /**
     * The state with thermostats at work; their duties are written into {@code duty}.
     *
     * @param stuck fixtures whose control does not work
     * @param base  gets the state
     */
    void solve(
            RoomAir room,
            ThermalState start,
            double[] available,
            double dayShare,
            double[] duty,
            Set<Integer> stuck,
            ThermalState base) {
        List<Integer> ruled = new ArrayList<>();
        double[] given = new double[fixtures.size()];
        for (int i = 0; i < given.length; i++) {
            if (fixtures.get(i).thermostat().isPresent() && !stuck.contains(i)) {
                ruled.add(i);
            } else {
                duty[i] = available[i];
                given[i] = available[i];
            }
        }
        heat.solve(free(given), room, start, base);
        if (ruled.isEmpty()) {
            return;
        }
        List<ThermalState> adds = new ArrayList<>();
        List<Fixture.Thermostat> thermostats = new ArrayList<>();
        double[] unruled = duty.clone();
        double[] likely = duty.clone();
        ruled.forEach(i -> unruled[i] = 0);
        ruled.forEach(i -> likely[i] = Math.max(LIKELY, duty[i]));
        List<ProbeLift.Shown> shown = new ArrayList<>();
        double[] set = new double[ruled.size()];
        double[] most = new double[ruled.size()];
        for (int i = 0; i < ruled.size(); i++) {
            int device = ruled.get(i);
            Fixture.Thermostat t = fixtures.get(device).thermostat().orElseThrow();
            thermostats.add(t);
            adds.add(response(device));
            ProbeLift.Shown lit = model.lift.at(device, start, heat.speed(), likely);
            shown.add(lit);
            // what walls and lamps that are not ruled add to the probe leaves that much less to reach
            set[i] = t.night() + dayShare * (t.day() - t.night()) - lit.of(unruled);
            most[i] = available[device];
        }
        double[] found = Controls.duties(
                model.net, thermostats, base, adds, (i, j) -> shown.get(i).of(ruled.get(j)), set, most);
        for (int i = 0; i < found.length; i++) {
            duty[ruled.get(i)] = found[i];
            base.add(adds.get(i), found[i]);
        }
    }

    private ThermalState response(int device) {
        ThermalState r = responses[device];
        if (r == null) {
            r = new ThermalState(model.net);
            responses[device] = r;
        }
        heat.response(model.sources(device), r);
        return r;
    }

    private HeatSources free(double[] given) {
        if (!Arrays.equals(given, freeAt)) {
            model.sum(given, free);
            freeAt = given;
        }
        return free;
    }
}
