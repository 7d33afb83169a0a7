package tanah.core.climate.engine;

/**
 * What one run computes with, made once and used again in every round: couplings of the nodes, the balance of vapour and the
 * balance of heat. Each stands on those before it as they are at that moment.
 */
public final class Workspace {
    /** In force. */
    public final Coefficients k;
    /** Of another state, to move towards. */
    public final Coefficients other;

    public final Saturation full;
    public final Vapour vapour;
    public final Latent latent;
    public final HeatStep heat;

    public Workspace(Network net, WaterStores stores) {
        k = new Coefficients(net);
        other = new Coefficients(net);
        full = new Saturation(net, new ThermalState(net));
        vapour = new Vapour(net, k, full, stores);
        latent = new Latent(net);
        heat = new HeatStep(net, k, latent);
    }
}
