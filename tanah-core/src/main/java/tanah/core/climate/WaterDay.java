package tanah.core.climate;

import static tanah.core.physics.Constants.HOUR;

import java.util.Arrays;
import tanah.core.box.ClimateCase;
import tanah.core.climate.engine.Coefficients;
import tanah.core.climate.engine.Grid;
import tanah.core.climate.engine.HeatSources;
import tanah.core.climate.engine.Network;
import tanah.core.climate.engine.RoomAir;
import tanah.core.climate.engine.ThermalState;
import tanah.core.climate.engine.Vapour;
import tanah.core.climate.engine.WaterStores;
import tanah.core.physics.MoistAir;

/** Moves water between spray, films, soil and drainage, and keeps its ledger. */
final class WaterDay {
    private static final double CAPILLARY = 3e-5; // kg/m² s at full difference, from memory, 1e-5 to 1e-4
    private static final double DRAIN = 7200; // s, from memory, 1800 to 21600
    private static final double CONDENSES = -1e-9; // kg/s
    private static final double SEEN = 0.003; // kg/m² of film that is seen as fog, from memory, 0.001 to 0.010
    private static final double FRONT_SHARE = 0.25;

    private final Network net;
    private final Grid g;
    final WaterStores stores;
    private double sprayed;
    private double carried;
    private double soil;
    private double water;
    private double films;
    private double plants;
    private double front;
    private double drained;
    private double wetHours;
    private double condensingHours;
    private double thickest;
    private double before;
    private double poolsBefore;

    WaterDay(Network net, WaterStores stores) {
        this.net = net;
        this.g = net.grid;
        this.stores = stores;
    }

    /** Begins a ledger at the state of the air. */
    void open(ThermalState s) {
        sprayed = 0;
        carried = 0;
        soil = 0;
        water = 0;
        films = 0;
        plants = 0;
        front = 0;
        drained = 0;
        wetHours = 0;
        condensingHours = 0;
        thickest = 0;
        poolsBefore = Arrays.stream(stores.body).sum();
        before = stores.sum() + vapour(s);
    }

    private double vapour(ThermalState s) {
        double sum = 0;
        for (double w : s.humidity) {
            sum += MoistAir.DENSITY * g.volume() * w;
        }
        return sum;
    }

    /**
     * Sprays at the start of a step; what evaporates as it falls, by zone (kg/s).
     *
     * @param share that would evaporate in dry air as it falls; no more of it does than the air takes up until it is as cool as
     *              its wet bulb
     */
    double[] spray(double kilograms, double share, double step, ThermalState s) {
        double[] flash = new double[g.zones];
        if (kilograms <= 0) {
            return flash;
        }
        sprayed += kilograms;
        ClimateCase.Mist mist = g.enclosure.mist();
        double air = 0;
        for (int n = 0; n < g.zones; n++) {
            double taken = Math.min(kilograms * share / g.zones, takesUp(s, n));
            flash[n] = taken / step;
            air += taken;
        }
        // what does not evaporate at once falls as it does from a nozzle
        double falls = (kilograms - air) / (1 - mist.air());
        double leaf = falls * mist.leaf();
        double glass = falls * mist.glass();
        double ground = kilograms - air - leaf - glass;
        double room = HeatSources.total(stores.leafRoom);
        if (room <= 0) {
            ground += leaf;
        } else {
            for (int n = 0; n < g.zones; n++) {
                stores.leafFilm[n] += leaf * stores.leafRoom[n] / room;
                double over = Math.max(0, stores.leafFilm[n] - stores.leafRoom[n]);
                stores.leafFilm[n] -= over;
                ground += over;
            }
        }
        double panes = HeatSources.total(net.patchArea);
        for (int p = 0; p < net.patches; p++) {
            stores.paneFilm[p] += glass * net.patchArea[p] / panes;
        }
        fall(ground);
        return flash;
    }

    /** Water that a zone takes up until it is saturated at its wet bulb (kg). */
    private double takesUp(ThermalState s, int n) {
        double pressure = g.enclosure.pressure();
        double relative = Math.min(1, MoistAir.relative(s.humidity[n], s.air[n], pressure));
        double bulb = MoistAir.wetBulb(s.air[n], relative, pressure);
        return Math.max(0, MoistAir.DENSITY * g.volume() * (MoistAir.saturated(bulb, pressure) - s.humidity[n]));
    }

    private void fall(double kilograms) {
        for (int t = 0; t < g.tiles; t++) {
            double here = kilograms / g.tiles;
            if (g.isLand(t)) {
                stores.skin[t] += here;
            } else {
                stores.body[g.water[g.region[t]]] += here;
            }
        }
    }

    /** Applies the fluxes of a step, then overflow, roots, capillary rise and drainage, in this order. */
    void apply(Vapour v, Coefficients k, RoomAir room, double step) {
        double falls = 0;
        for (int t = 0; t < g.tiles; t++) {
            double kg = v.fromTile[t] * step;
            if (g.isLand(t)) {
                stores.skin[t] -= kg;
                soil += kg;
            } else {
                stores.body[g.water[g.region[t]]] -= kg;
                water += kg;
            }
        }
        falls += films(v, step);
        for (int n = 0; n < g.zones; n++) {
            falls += v.fogged(n) * step;
        }
        fall(falls);
        roots(v, step);
        capillary(step);
        drain(step);
        for (int n = 0; n < g.zones; n++) {
            double leaves = k.exchange[n] + MoistAir.DENSITY * k.out[n];
            carried += leaves * (v.humidity[n] - room.humidity()) * step;
        }
    }

    private double films(Vapour v, double step) {
        double falls = 0;
        double wet = 0;
        double condensing = 0;
        double film = 0;
        for (int p = 0; p < net.patches; p++) {
            double kg = v.fromPane[p] * step;
            stores.paneFilm[p] -= kg;
            films += kg;
            double most = WaterStores.PANE_FILM * net.patchArea[p];
            double over = Math.max(0, stores.paneFilm[p] - most);
            stores.paneFilm[p] -= over;
            falls += over;
            if (net.patchFace[p] == 2) {
                front += Math.max(0, -kg);
                film += stores.paneFilm[p];
                wet += stores.paneFilm[p] / net.patchArea[p] > SEEN ? net.patchArea[p] : 0;
                condensing += v.fromPane[p] < CONDENSES ? net.patchArea[p] : 0;
            }
        }
        double area = net.faceArea[2];
        wetHours += wet >= FRONT_SHARE * area - 1e-12 ? step / HOUR : 0;
        condensingHours += condensing >= FRONT_SHARE * area - 1e-12 ? step / HOUR : 0;
        thickest = Math.max(thickest, film / area);
        for (int n = 0; n < g.zones; n++) {
            double kg = v.fromLeaf[n] * step;
            stores.leafFilm[n] -= kg;
            films += kg;
            double over = Math.max(0, stores.leafFilm[n] - stores.leafRoom[n]);
            stores.leafFilm[n] -= over;
            falls += over;
        }
        return falls;
    }

    private void roots(Vapour v, double step) {
        double all = HeatSources.total(v.breathed) * step;
        double content = stores.deepSum();
        plants += all;
        for (int r = 0; r < stores.deep.length && content > 0; r++) {
            stores.deep[r] -= all * stores.deep[r] / content;
        }
    }

    private void capillary(double step) {
        int regions = stores.deep.length;
        double[] wanted = new double[g.tiles];
        double[] rising = new double[regions];
        for (int t = 0; t < g.tiles; t++) {
            int r = g.region[t];
            if (!g.isLand(t) || stores.deepRoom[r] <= 0 || stores.skinRoom[t] <= 0) {
                continue;
            }
            double deep = stores.deep[r] / stores.deepRoom[r];
            double skin = stores.skin[t] / stores.skinRoom[t];
            double kg = CAPILLARY * (deep - skin) * g.tileArea * step;
            wanted[t] = kg > 0
                    ? Math.min(kg, Math.max(0, stores.skinRoom[t] - stores.skin[t]))
                    : Math.max(kg, -stores.skin[t]);
            rising[r] += wanted[t];
        }
        for (int t = 0; t < g.tiles; t++) {
            int r = g.region[t];
            double most = stores.deep[r] / 2;
            double scale = rising[r] > most && rising[r] > 0 ? most / rising[r] : 1;
            stores.skin[t] += wanted[t] * scale;
        }
        for (int r = 0; r < regions; r++) {
            double most = stores.deep[r] / 2;
            stores.deep[r] -= rising[r] > most && rising[r] > 0 ? most : rising[r];
        }
    }

    private void drain(double step) {
        for (int t = 0; t < g.tiles; t++) {
            if (g.isLand(t)) {
                double over = Math.max(0, stores.skin[t] - stores.skinRoom[t]);
                stores.skin[t] -= over;
                stores.deep[g.region[t]] += over;
            }
        }
        for (int r = 0; r < stores.deep.length; r++) {
            double over = Math.max(0, stores.deep[r] - stores.deepRoom[r]) * (1 - Math.exp(-step / DRAIN));
            stores.deep[r] -= over;
            stores.reservoir[r] += over;
            drained += over;
        }
    }

    WaterLedger close(ThermalState s) {
        double gap = before + sprayed - carried - stores.sum() - vapour(s);
        double pools = Arrays.stream(stores.body).sum() - poolsBefore;
        return new WaterLedger(sprayed, carried, soil, water, films, plants, front, drained, pools, gap);
    }

    /** Hours with a quarter of the front wet or fogged; the same with water condensing; thickest mean film (kg/m²). */
    double[] fogging() {
        return new double[] {wetHours, condensingHours, thickest};
    }
}
