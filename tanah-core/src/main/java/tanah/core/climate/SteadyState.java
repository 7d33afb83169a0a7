package tanah.core.climate;

import static tanah.core.physics.Constants.LATENT_HEAT;

import tanah.core.climate.engine.Coefficients;
import tanah.core.climate.engine.Network;
import tanah.core.climate.engine.RoomAir;
import tanah.core.climate.engine.Saturation;
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
    private final double evaporated;
    private final double carried;

    private SteadyState(
            ClimateModel model,
            RoomAir room,
            ThermalState state,
            Coefficients coefficients,
            double[] duty,
            Balance balance,
            double lastChange,
            int rounds,
            boolean converged,
            double evaporated,
            double carried) {
        this.model = model;
        this.room = room;
        this.state = state;
        this.coefficients = coefficients;
        this.duty = duty;
        this.balance = balance;
        this.lastChange = lastChange;
        this.rounds = rounds;
        this.converged = converged;
        this.evaporated = evaporated;
        this.carried = carried;
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
        Vapour v = new Vapour(net, k, new Saturation(net, s), stores);
        v.solve(s.humidity, room, lit);
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
        double evaporated = 0;
        for (int t = 0; t < net.grid.tiles; t++) {
            evaporated += net.grid.isLand(t) ? 0 : v.fromTile[t];
        }
        double carried = 0;
        for (int n = 0; n < net.grid.zones; n++) {
            double leaves = k.exchange[n] + MoistAir.DENSITY * k.out[n];
            carried += leaves * (v.humidity[n] - room.humidity());
        }
        Balance balance = Balance.of(model, room, s, k, latent, duty, 0);
        return new SteadyState(model, room, s, k, duty, balance, change, rounds, converged, evaporated, carried);
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

    /** Water that open waters give to the air, whether it drips back or not (kg/s). */
    public double evaporated() {
        return evaporated;
    }

    /** Water that the air carries out of the box (kg/s). */
    public double carriedOut() {
        return carried;
    }

    /** Net flow out of all openings, which comes in by others (m³/s). */
    public double openingFlow() {
        return coefficients.outflow();
    }

    /** Net flow out of a section of the box (m³/s); negative where more comes in. */
    public double openingFlow(int section) {
        double sum = 0;
        Network net = model.net;
        for (int n = 0; n < net.grid.zones; n++) {
            sum += net.sectionOf(n) == section ? coefficients.out[n] - coefficients.in[n] : 0;
        }
        return sum;
    }

    /** All exchange with the room by the volume of the air (1/s). */
    public double airChanges() {
        double sum = coefficients.outflow();
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
