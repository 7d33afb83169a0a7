package tanah.core.climate;

import tanah.core.box.ClimateCase;
import tanah.core.climate.engine.Grid;
import tanah.core.climate.engine.Network;
import tanah.core.climate.engine.ThermalState;

/**
 * What surrounds a small probe (°C): within 10 cm over the ground or a platform it stands in the warm layer of that face and sees it with
 * half of its view.
 *
 * @param air   at the probe
 * @param walls that it sees, as a mean radiant temperature
 */
record ProbeAir(double air, double walls) {
    /** Air over a warm face keeps a share of its excess, falling off over a height; from memory, 0.1 to 0.5. */
    static final double WARM_LAYER = 0.3;

    static final double LAYER = 0.05; // m

    private static final double NEAR = 0.10; // m

    static ProbeAir at(Network net, ThermalState s, double x, double y, double z) {
        Grid g = net.grid;
        double air = g.at(s.air, x, y, z);
        double walls = s.star[net.sectionAt(x)];
        int tile = g.tileAt(x, y);
        double under = s.surface(net, tile);
        double height = z - g.tileZ[tile];
        int index = 0;
        for (ClimateCase.Platform p : g.enclosure.platforms()) {
            boolean over = Math.abs(x - p.x()) <= p.sizeX() / 2 && Math.abs(y - p.y()) <= p.sizeY() / 2;
            if (over && z >= p.z() && z - p.z() < height) {
                under = s.top[index];
                height = z - p.z();
            }
            index++;
        }
        return height < 0 || height > NEAR
                ? new ProbeAir(air, walls)
                : new ProbeAir(over(air, under, height), (walls + under) / 2);
    }

    /** Air at a height over a face (°C). */
    static double over(double air, double face, double height) {
        return air + WARM_LAYER * Math.max(0, face - air) * Math.exp(-height / LAYER);
    }
}
