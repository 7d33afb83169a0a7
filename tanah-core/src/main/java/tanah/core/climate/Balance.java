package tanah.core.climate;

import tanah.core.climate.engine.Coefficients;
import tanah.core.climate.engine.Grid;
import tanah.core.climate.engine.Network;
import tanah.core.climate.engine.RoomAir;
import tanah.core.climate.engine.ThermalState;
import tanah.core.physics.MoistAir;

/**
 * Where the heat goes (W); what is given equals what leaves and what is stored.
 *
 * @param power  of all devices at their duties
 * @param direct of it that never enters
 * @param panes  through sides and lid
 * @param base   through the bottom
 * @param edge   from the ground and the water through the sides
 * @param vent   with the air
 * @param mesh   radiated through the mesh
 * @param latent taken up by evaporation, less what condensation gives back
 * @param stored in air, ground, panes, platforms and water
 */
public record Balance(
        double power,
        double direct,
        double panes,
        double base,
        double edge,
        double vent,
        double mesh,
        double latent,
        double stored) {
    /** What is not accounted for (W); nothing but round-off. */
    public double gap() {
        return power - direct - panes - base - edge - vent - mesh - latent - stored;
    }

    static Balance of(
            ClimateModel model,
            RoomAir room,
            ThermalState s,
            Coefficients k,
            double latent,
            double[] duty,
            double stored) {
        Network net = model.net;
        Grid g = net.grid;
        double power = 0;
        double direct = 0;
        double base = 0;
        for (int i = 0; i < duty.length; i++) {
            power += duty[i] * model.enclosure().fixtures().get(i).power();
            direct += duty[i] * model.sources(i).room;
            for (int t = 0; t < g.tiles; t++) {
                base += duty[i] * model.sources(i).base[t] * (1 - net.baseShare[t]);
            }
        }
        double panes = 0;
        for (int p = 0; p < net.patches; p++) {
            panes += net.patchOut[p] * (s.paneOut[p] - room.celsius());
        }
        double edge = 0;
        for (int t = 0; t < g.tiles; t++) {
            if (g.isLand(t)) {
                base += net.downToRoom[t] * (s.cell[(Grid.DEEP - 1) * g.tiles + t] - room.celsius());
                for (int c = 0; c < Grid.DEEP; c++) {
                    edge += net.edge[c * g.tiles + t] * (s.cell[c * g.tiles + t] - room.celsius());
                }
            }
        }
        for (int w = 0; w < g.waters; w++) {
            base += net.waterBase[w] * (s.water[w] - room.celsius());
            edge += net.waterEdge[w] * (s.water[w] - room.celsius());
        }
        double vent = 0;
        for (int n = 0; n < g.zones; n++) {
            vent += MoistAir.HEAT * (k.exchange[n] + MoistAir.DENSITY * k.out[n]) * (s.air[n] - room.celsius());
        }
        double mesh = 0;
        for (int i = 0; i < s.star.length; i++) {
            mesh += k.meshRadiant[i] * (s.star[i] - room.celsius());
        }
        return new Balance(power, direct, panes, base, edge, vent, mesh, latent, stored);
    }
}
