package tanah.core.climate;

import static tanah.core.physics.Constants.LATENT_HEAT;

import tanah.core.climate.engine.Coefficients;
import tanah.core.climate.engine.Network;
import tanah.core.climate.engine.RoomAir;
import tanah.core.climate.engine.ThermalState;
import tanah.core.climate.engine.Vapour;
import tanah.core.climate.engine.WaterStores;
import tanah.core.physics.MoistAir;

/** A steady state and what can be read off it. */
public final class SteadyState {
    private final ClimateModel model;
    private final RoomAir room;
    private final ThermalState state;
    private final Coefficients coefficients;
    private final double[] duty;
    private final Balance balance;
    private final double lastChange;
    private final int rounds;
    private final boolean converged;

    private SteadyState(
            ClimateModel model,
            RoomAir room,
            ThermalState state,
            Coefficients coefficients,
            double[] duty,
            Balance balance,
            double lastChange,
            int rounds,
            boolean converged) {
        this.model = model;
        this.room = room;
        this.state = state;
        this.coefficients = coefficients;
        this.duty = duty;
        this.balance = balance;
        this.lastChange = lastChange;
        this.rounds = rounds;
        this.converged = converged;
    }

    static SteadyState of(
            ClimateModel model,
            RoomAir room,
            ThermalState s,
            Coefficients k,
            WaterStores stores,
            boolean lit,
            double[] duty,
            double change,
            int rounds,
            boolean converged) {
        Network net = model.net;
        Vapour v = new Vapour(net, model.vents, k, s, stores, room, lit, 0, new double[net.grid.zones]);
        v.solve(s.humidity);
        double latent = 0;
        for (double e : v.fromTile) {
            latent += LATENT_HEAT * e;
        }
        for (double e : v.fromPane) {
            latent += LATENT_HEAT * e;
        }
        for (int n = 0; n < net.grid.zones; n++) {
            latent += LATENT_HEAT * (v.fromLeaf[n] + v.breathed[n] - v.fogged(n));
        }
        Balance balance = Balance.of(model, room, s, k, latent, duty, 0);
        return new SteadyState(model, room, s, k, duty, balance, change, rounds, converged);
    }

    ThermalState state() {
        return state;
    }

    /** Share of its power that a device uses. */
    public double duty(int fixture) {
        return duty[fixture];
    }

    public Balance balance() {
        return balance;
    }

    public boolean isConverged() {
        return converged;
    }

    /** Largest change of the last round (K). */
    public double lastChange() {
        return lastChange;
    }

    public int rounds() {
        return rounds;
    }

    /** Speed at which the air mixes (m/s). */
    public double mixingSpeed() {
        return coefficients.speed();
    }

    /** From the low to the high openings (m³/s). */
    public double throughFlow() {
        return coefficients.through();
    }

    /** All exchange with the room by the volume of the air (1/s). */
    public double airChanges() {
        double sum = Math.abs(coefficients.through());
        for (double e : coefficients.exchange) {
            sum += e / MoistAir.DENSITY;
        }
        return sum / (model.net.grid.volume() * model.net.grid.zones);
    }

    public Places places() {
        return new Places(model, state);
    }

    /** Temperature of the room (°C). */
    public double outside() {
        return room.celsius();
    }
}
