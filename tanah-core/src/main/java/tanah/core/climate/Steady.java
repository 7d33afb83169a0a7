package tanah.core.climate;

/** A steady state and what can be read off it. */
public final class Steady {
    private final ClimateModel model;
    private final Room room;
    private final State state;
    private final Coefficients coefficients;
    private final double[] duty;
    private final Balance balance;
    private final double lastChange;
    private final int rounds;
    private final boolean converged;

    private Steady(
            ClimateModel model,
            Room room,
            State state,
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

    static Steady of(
            ClimateModel model,
            Room room,
            State s,
            Coefficients k,
            Stores stores,
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
            latent += MoistAir.LATENT * e;
        }
        for (double e : v.fromPane) {
            latent += MoistAir.LATENT * e;
        }
        for (int n = 0; n < net.grid.zones; n++) {
            latent += MoistAir.LATENT * (v.fromLeaf[n] + v.breathed[n] - v.fogged(n));
        }
        Balance balance = Balance.of(model, room, s, k, latent, duty, 0);
        return new Steady(model, room, s, k, duty, balance, change, rounds, converged);
    }

    State state() {
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
