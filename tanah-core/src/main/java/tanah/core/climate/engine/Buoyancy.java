package tanah.core.climate.engine;

import tanah.core.physics.MoistAir;

/** By how much the air at a face is lighter than that of its zone, as a difference of virtual temperature (K): what drives its film. */
final class Buoyancy {
    private final Network net;
    private final ThermalState s;
    private final double[] virtual;
    private final Saturation full;

    Buoyancy(Network net, ThermalState s, double[] virtual, Saturation full) {
        this.full = full;
        this.net = net;
        this.s = s;
        this.virtual = virtual;
    }

    /** Of a tile: wet ground and water moisten the air at their face, colder ones dry it. */
    double ofTile(int t, WaterStores stores) {
        int zone = net.grid.tileZone[t];
        double celsius = s.surface(net, t);
        double air = s.humidity[zone];
        double most = full.tile[t];
        double wet = most <= air || !net.grid.isLand(t) ? 1 : stores.wetness(t);
        return MoistAir.virtual(celsius, air + wet * (most - air)) - virtual[zone];
    }

    /** Of a pane: it dries the air where it is colder than its dew point. */
    double ofPatch(int p) {
        int zone = net.patchZone[p];
        return MoistAir.virtual(s.paneIn[p], Math.min(s.humidity[zone], full.pane[p])) - virtual[zone];
    }

    /** Of a side of a platform, which is dry. */
    double ofPlatform(int i, double celsius) {
        int zone = net.platformZone[i];
        return MoistAir.virtual(celsius, s.humidity[zone]) - virtual[zone];
    }
}
