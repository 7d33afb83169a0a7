package tanah.core.climate;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import tanah.core.box.Fixture;
import tanah.core.climate.engine.Controls;
import tanah.core.climate.engine.HeatSources;
import tanah.core.climate.engine.HeatStep;
import tanah.core.climate.engine.RoomAir;
import tanah.core.climate.engine.ThermalState;

/** A heat step with thermostats at work. */
final class Thermostats {
    private static final double LIKELY =
            0.05; // share of its power about which a lamp's warmth on a probe is taken, at least

    private Thermostats() {}

    /**
     * The state with thermostats at work; their duties are written into {@code duty}.
     *
     * @param stuck fixtures whose control does not work
     */
    static ThermalState of(
            ClimateModel model,
            HeatStep heat,
            RoomAir room,
            ThermalState start,
            double[] available,
            double dayShare,
            double[] duty,
            Set<Integer> stuck) {
        List<Fixture> fixtures = model.enclosure().fixtures();
        List<Integer> ruled = new ArrayList<>();
        HeatSources free = new HeatSources(model.net);
        for (int i = 0; i < fixtures.size(); i++) {
            if (fixtures.get(i).thermostat().isPresent() && !stuck.contains(i)) {
                ruled.add(i);
            } else {
                duty[i] = available[i];
                if (available[i] != 0) {
                    free.add(model.sources(i), available[i]);
                }
            }
        }
        ThermalState base = heat.solve(free, room, start);
        if (ruled.isEmpty()) {
            return base;
        }
        List<ThermalState> responses = new ArrayList<>();
        List<Fixture.Thermostat> thermostats = new ArrayList<>();
        double[] unruled = duty.clone();
        double[] likely = duty.clone();
        ruled.forEach(i -> unruled[i] = 0);
        ruled.forEach(i -> likely[i] = Math.max(LIKELY, duty[i]));
        List<ProbeLift.Shown> shown = new ArrayList<>();
        double[] set = new double[ruled.size()];
        double[] most = new double[ruled.size()];
        for (int i = 0; i < ruled.size(); i++) {
            Fixture.Thermostat t = fixtures.get(ruled.get(i)).thermostat().orElseThrow();
            thermostats.add(t);
            responses.add(heat.response(model.sources(ruled.get(i))));
            ProbeLift.Shown lit = model.lift.at(ruled.get(i), start, heat.speed(), likely);
            shown.add(lit);
            // what walls and lamps that are not ruled add to the probe leaves that much less to reach
            set[i] = t.night() + dayShare * (t.day() - t.night()) - lit.of(unruled);
            most[i] = available[ruled.get(i)];
        }
        double[] found = Controls.duties(
                model.net, thermostats, base, responses, (i, j) -> shown.get(i).of(ruled.get(j)), set, most);
        for (int i = 0; i < found.length; i++) {
            duty[ruled.get(i)] = found[i];
            base.add(responses.get(i), found[i]);
        }
        return base;
    }
}
